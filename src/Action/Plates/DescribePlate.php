<?php

declare(strict_types=1);

namespace Ektype\App\Action\Plates;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Action\Work\AskForWork;
use Ektype\App\Plan\Patch;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Task\TaskKind;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\OneInk\OneInkPlan;
use Ektype\Core\Method\TwoTone\TwoTonePlan;
use Ektype\Core\Mix\MixPlan;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Tone\TonalPlates;

/** What a plate is called and which ink it prints. null leaves a thing as it is. */
final readonly class DescribePlate implements Change
{
    public function __construct(private int $plateId, private ?string $name = null, private ?int $inkId = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        $called = $plate->name;
        $plate->job->call($plate, $this->name ?? $plate->name);
        if ($this->inkId !== null) {
            $had = $plate->ink?->id;
            $follows = $this->name === null && $plate->isCalledByItsInk();
            $plate->ink = $shop->printing->inks->find($this->inkId) ?? throw Refused::at(
                'ink',
                'That ink is not on the shelf any more. Choose another.',
            );
            if ($follows && self::isFree($plate->ink->name, $plate)) {
                $plate->job->call($plate, $plate->ink->name);
            }
            if ($plate->printsTones()) {
                self::solveAnew($plate, $had, $this->inkId, $shop);
            }
        }

        return implode(
            ', ',
            array_filter(
                [$this->name === null ? '' : 'Name', $this->inkId === null ? '' : 'Ink'],
                static fn (string $s): bool => $s !== '',
            ),
        ).' of '.$called;
    }

    /** Two plates of a job are told apart by their names. */
    private static function isFree(string $name, Plate $plate): bool
    {
        return array_filter($plate->job->platesInOrder(), static fn (Plate $p): bool => $p !== $plate && $p->name === $name) === [];
    }

    /** How much of a picture’s tones an ink prints depends on the ink. */
    private static function solveAnew(Plate $plate, ?int $had, int $ink, ShopFloor $shop): void
    {
        $job = $plate->job;
        $plan = $job->plan();
        if (!$plan instanceof OneInkPlan && !$plan instanceof TwoTonePlan) {
            if ($plan instanceof MixPlan && $plan->inks()->inks !== null && $plate->role === PlateRole::Colour) {
                $job->decide($plan->inkedBy($plan->inks()->exactly(array_values(array_unique(array_map(static fn (int $one): int => $one === $had ? $ink : $one, $plan->inks()->inks))))));
                (new AskForWork($job->idOrFail(), TaskKind::Separate))->carryOut($shop);
            }

            return;
        }
        $isLight = $plate->artHex === (new Srgb(...TonalPlates::LIGHT_END))->hex();
        $job->decide((new Patch([$plan instanceof OneInkPlan ? 'ink' : ($isLight ? 'light' : 'dark') => $ink]))->on($plan));
        (new AskForWork($job->idOrFail(), TaskKind::Separate))->carryOut($shop);
    }
}
