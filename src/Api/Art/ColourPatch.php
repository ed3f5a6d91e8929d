<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Action\Art\DecideColour;
use Ektype\App\Action\Art\WishBase;
use Ektype\App\Api\Jobs\JobChanges;
use Ektype\App\Api\Jobs\Locking;
use Ektype\App\Api\Jobs\Merging;
use Ektype\App\Api\Jobs\Named;
use Ektype\App\Api\Jobs\OnOff;
use Ektype\App\Api\Jobs\Thickening;
use Ektype\App\Api\Jobs\Tinting;
use Ektype\App\Request\Hex;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\BaseWish;
use Ektype\Core\Separation\Decision;
use Symfony\Component\Validator\Constraints as Assert;

/** A decision about a colour that was found, or about the base. What is not named stays. */
final readonly class ColourPatch implements JobChanges
{
    /**
     * @param string|null $leaveOpen  a colour to give to the garment
     * @param string|null $printAgain a colour to take back: no longer merged, parted or left open
     * @param string|null $split      a colour to part into its two shades
     * @param string|null $baseFrom   the colour whose plate serves as the base; empty for a white base
     */
    public function __construct(
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
        public ?BaseWish $base = null,
    ) {
    }

    public function changes(int $job): array
    {
        $hex = static fn (string $given): string => Srgb::fromHex($given)->hex();

        return Named::some(array_values(array_filter([
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
            $this->base === null ? null : new WishBase($job, $this->base),
        ])));
    }
}
