<?php

declare(strict_types=1);

namespace Ektype\Core\Days;

/** A job as the days see it. */
final readonly class DayJob
{
    /**
     * @param float      $readyMin when its screens are made
     * @param float      $workMin  of set-up and printing that is left
     * @param float|null $dueMin   null where nobody waits for it
     * @param list<int>  $presses  that can print it
     *
     * @throws ImpossibleDays where no press can
     */
    public function __construct(public int $id, public string $name, public float $readyMin, public float $workMin, public ?float $dueMin, public array $presses)
    {
        if ($presses === []) {
            throw ImpossibleDays::at('presses', \sprintf('No press of the shop has heads enough for %s. Put one on the shelf, or print it with fewer screens.', $name));
        }
        if ($workMin < 0) {
            throw ImpossibleDays::at('workMin', \sprintf('%s cannot take less than no time.', $name));
        }
    }
}
