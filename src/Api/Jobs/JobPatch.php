<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Action\Art\DecideColour;
use Ektype\App\Action\Art\FollowMethod;
use Ektype\App\Action\Art\SizePrint;
use Ektype\App\Action\Art\WishBase;
use Ektype\App\Action\Change;
use Ektype\App\Action\Films\WishFilms;
use Ektype\App\Action\Jobs\ChooseTools;
use Ektype\App\Action\Jobs\DescribeJob;
use Ektype\App\Action\Jobs\GiveCare;
use Ektype\App\Action\Jobs\NoteOnJob;
use Ektype\App\Action\Jobs\OrderGarments;
use Ektype\App\Action\Jobs\SetTolerance;
use Ektype\App\Action\Light\WayOfBurning;
use Ektype\App\Action\Plates\OrderPlates;
use Ektype\App\Action\Press\SetOnPress;
use Ektype\App\Action\Work\AskForWork;
use Ektype\App\Request\Bounded;
use Ektype\App\Request\Day;
use Ektype\App\Request\Hex;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\App\Shop\Task\TaskKind;
use Ektype\Core\Advice\Care;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmFormat;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Registration\RegisterWay;
use Ektype\Core\Separation\BaseWish;
use Ektype\Core\Separation\Decision;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\SpotSeparation;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** A change to a job: any of its fields; what is not named stays. */
final readonly class JobPatch
{
    /**
     * @param float|null            $heightMm      height of the print; its width follows
     * @param string|null           $leaveOpen     a colour to give to the garment
     * @param string|null           $printAgain    a colour to take back: no longer merged, parted or left open
     * @param string|null           $split         a colour to part into its two shades
     * @param string|null           $baseFrom      the colour whose plate serves as the base; empty for a white base
     * @param int|null              $filmPrinterId 0 for none
     * @param list<FilmFormat>|null $filmFormats
     * @param list<int>|null        $order         all plates in print order
     * @param list<LineTold>|null   $lines         the garments of the order
     */
    public function __construct(
        #[Words(120)]
        public ?string $name = null,
        #[Words(120, mayBeEmpty: true)]
        public ?string $customer = null,
        public ?Substrate $substrate = null,
        #[Words(60, mayBeEmpty: true)]
        public ?string $garment = null,
        #[Words(60, mayBeEmpty: true)]
        public ?string $garmentName = null,
        #[Hex]
        public ?string $garmentHex = null,
        #[Within(0, 1_000_000)]
        public ?int $quantity = null,
        public ?Care $care = null,
        #[Words(40, mayBeEmpty: true)]
        public ?string $place = null,
        #[Day]
        public ?string $dueOn = null,
        #[Within(-500, 500, 'mm')]
        public ?float $acrossMm = null,
        #[Within(-500, 500, 'mm')]
        public ?float $dropMm = null,
        #[Within(5, SpotSeparation::WIDEST_MM, 'mm')]
        public ?float $widthMm = null,
        #[Within(5, SpotSeparation::WIDEST_MM, 'mm')]
        public ?float $heightMm = null,
        #[Assert\Valid]
        public ?FramingPatch $framing = null,
        #[Assert\Valid]
        public ?Merging $merge = null,
        #[Hex]
        public ?string $leaveOpen = null,
        #[Hex]
        public ?string $printAgain = null,
        #[Hex]
        public ?string $split = null,
        #[Assert\Valid]
        public ?Locking $lock = null,
        #[Assert\Valid]
        public ?OnOff $highlight = null,
        #[Assert\Valid]
        public ?OnOff $onBase = null,
        #[Assert\Valid]
        public ?OnOff $overprint = null,
        #[Assert\Valid]
        public ?Tinting $tint = null,
        #[Assert\Valid]
        public ?Thickening $thicken = null,
        #[Assert\AtLeastOneOf([new Assert\Blank(), new Hex()])]
        public ?string $baseFrom = null,
        #[Bounded(Quantity::Tolerance)]
        public ?float $toleranceMm = null,
        public bool $toleranceFollowsPlates = false,
        public ?int $pressId = null,
        public ?int $lampId = null,
        public ?int $emulsionId = null,
        public ?int $filmPrinterId = null,
        public ?array $filmFormats = null,
        public ?bool $stepWedge = null,
        public ?array $order = null,
        public ?MethodName $method = null,
        #[Words(2000, mayBeEmpty: true)]
        public ?string $notes = null,
        #[Assert\Valid]
        public ?array $lines = null,
        public ?BaseWish $base = null,
        public ?bool $oneTime = null,
        public ?bool $withoutFilm = null,
        public ?bool $pull = null,
        public ?RegisterWay $registerWay = null,
        #[Within(0, 20, 'mm')]
        public ?float $seamMm = null,
    ) {
    }

    /**
     * @return non-empty-list<Change>
     *
     * @throws UnreadableRequest where it names nothing
     */
    public function changes(int $job): array
    {
        $changes = [
            ...self::where(
                [
                    $this->name,
                    $this->customer,
                    $this->substrate,
                    $this->garment,
                    $this->garmentName,
                    $this->garmentHex,
                    $this->quantity,
                    $this->place,
                    $this->dueOn,
                    $this->acrossMm,
                    $this->dropMm,
                ],
                fn (): Change => $this->description($job),
            ),
            ...self::where(
                [$this->widthMm, $this->heightMm, $this->framing],
                fn (): Change => new SizePrint($job, $this->widthMm, $this->heightMm, $this->framing?->framing()),
            ),
            ...$this->decisions($job),
            ...self::where(
                [$this->toleranceMm, $this->toleranceFollowsPlates ? true : null],
                fn (): Change => new SetTolerance($job, $this->toleranceMm),
            ),
            ...self::where(
                [$this->pressId, $this->lampId, $this->emulsionId],
                fn (): Change => new ChooseTools($job, $this->pressId, $this->lampId, $this->emulsionId),
            ),
            ...self::where(
                [$this->filmPrinterId, $this->filmFormats, $this->stepWedge],
                fn (): Change => new WishFilms(
                    $job,
                    $this->filmPrinterId,
                    $this->filmFormats === null ? null : array_column($this->filmFormats, 'value'),
                    $this->stepWedge,
                ),
            ),
            ...$this->method === null ? [] : [new FollowMethod($job, $this->method), new AskForWork($job, TaskKind::Separate)],
            ...$this->care === null ? [] : [new GiveCare($job, $this->care)],
            ...$this->base === null ? [] : [new WishBase($job, $this->base)],
            ...$this->notes === null ? [] : [new NoteOnJob($job, $this->notes)],
            ...$this->lines === null ? [] : [new OrderGarments($job, array_map(static fn (LineTold $l) => $l->line(), $this->lines))],
            ...self::where([$this->oneTime, $this->withoutFilm], fn (): Change => new WayOfBurning($job, $this->oneTime, $this->withoutFilm)),
            ...self::where([$this->pull, $this->registerWay, $this->seamMm], fn (): Change => new SetOnPress($job, $this->pull, $this->registerWay, $this->seamMm)),
            ...self::where([$this->order], fn (): Change => new OrderPlates($job, $this->order ?? [])),
        ];

        return $changes === [] ? throw UnreadableRequest::because('The change names no field of the job, so nothing was changed.') : $changes;
    }

    private function description(int $job): DescribeJob
    {
        return new DescribeJob(
            $job,
            $this->name,
            $this->customer,
            $this->substrate,
            $this->garment,
            $this->garmentName,
            $this->garmentHex === null ? null : Srgb::fromHex($this->garmentHex)->hex(),
            $this->quantity,
            $this->place,
            $this->dueOn,
            $this->acrossMm,
            $this->dropMm,
        );
    }

    /** @return list<Change> */
    private function decisions(int $job): array
    {
        $hex = static fn (string $given): string => Srgb::fromHex($given)->hex();

        return array_values(array_filter([
            $this->merge === null ? null : new DecideColour($job, Decision::Merge, $hex($this->merge->from), $hex($this->merge->into)),
            $this->leaveOpen === null ? null : new DecideColour($job, Decision::LeaveOpen, $hex($this->leaveOpen)),
            $this->printAgain === null ? null : new DecideColour($job, Decision::PrintAgain, $hex($this->printAgain)),
            $this->split === null ? null : new DecideColour($job, Decision::Split, $hex($this->split)),
            $this->lock === null ? null : new DecideColour($job, Decision::Lock, $hex($this->lock->hex), ink: $this->lock->inkId),
            $this->highlight === null ? null : new DecideColour(
                $job,
                Decision::Highlight,
                $hex($this->highlight->hex),
                on: $this->highlight->on,
            ),
            $this->onBase === null ? null : new DecideColour($job, Decision::OnBase, $hex($this->onBase->hex), on: $this->onBase->on),
            $this->overprint === null ? null : new DecideColour(
                $job,
                Decision::Overprint,
                $hex($this->overprint->hex),
                on: $this->overprint->on,
            ),
            $this->tint === null ? null : new DecideColour($job, Decision::Tint, $hex($this->tint->hex), $hex($this->tint->of), with: $this->tint->with === null ? null : $hex($this->tint->with)),
            $this->thicken === null ? null : new DecideColour($job, Decision::Thicken, $hex($this->thicken->hex), mm: $this->thicken->mm),
            $this->baseFrom === null ? null : new DecideColour(
                $job,
                Decision::ServeAsBase,
                $this->baseFrom === '' ? '' : $hex($this->baseFrom),
            ),
        ]));
    }

    /**
     * @param list<mixed>        $named
     * @param callable(): Change $change
     *
     * @return list<Change>
     */
    private static function where(array $named, callable $change): array
    {
        return array_filter($named, static fn (mixed $value): bool => $value !== null) === [] ? [] : [$change()];
    }
}
