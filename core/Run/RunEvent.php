<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

use Ektype\Core\Unit\Point;

/**
 * One thing that happened at the press. Its name is made on the device that told it, so that told twice it is once, and what
 * two devices tell adds up in whatever order it arrives.
 */
final readonly class RunEvent
{
    /** At a time so many pieces are counted, a stack from the belt. */
    public const MOST_PIECES = 500;
    public const MOST_GRAMS = 5000.0;

    /**
     * @param string             $id     made on its device
     * @param int                $atMs   when, ms since 1970
     * @param int                $line   of the order, from 0
     * @param string             $size   empty where sizes are not counted
     * @param Point|null         $at     of a misprint, mm from the middle of the print, right and down
     * @param MisprintCause|null $cause  of a misprint
     * @param StopReason|null    $reason of a stop
     * @param int|null           $plate  that was filled, laid or spoiled, or whose register was looked at
     * @param float|null         $grams  that were put on the screen, or weighed back from it
     * @param string             $name   of a box, what is noted, or the id of what is taken back
     *
     * @throws ImpossibleCount where it cannot have been so
     */
    public function __construct(
        public string $id,
        public int $atMs,
        public RunEventKind $kind,
        public int $line = 0,
        public string $size = '',
        public int $pieces = 1,
        public ?Point $at = null,
        public ?MisprintCause $cause = null,
        public ?StopReason $reason = null,
        public ?int $plate = null,
        public ?float $grams = null,
        public string $name = '',
    ) {
        if ($pieces < 1 || $pieces > self::MOST_PIECES) {
            throw ImpossibleCount::at('pieces', \sprintf('%d pieces cannot be counted at once; 1 to %d can. Count them stack by stack.', $pieces, self::MOST_PIECES));
        }
        if ($kind === RunEventKind::Laid && $plate === null) {
            throw ImpossibleCount::at('plate', 'Say which colour was laid: the pieces wait for the one after it.');
        }
        if (\in_array($kind, [RunEventKind::Filled, RunEventKind::Returned], true) && ($plate === null || $grams === null)) {
            throw ImpossibleCount::at($plate === null ? 'plate' : 'grams', 'Say on which screen, and how many grams of ink: without both nobody knows how long it lasts.');
        }
        if ($grams !== null && ($grams < 0 || ($grams <= 0 && $kind !== RunEventKind::Returned) || $grams > self::MOST_GRAMS)) {
            throw ImpossibleCount::at('grams', \sprintf('%.0f g of ink do not go on a screen. Weigh what was put there: more than nothing, up to %.0f g.', $grams, self::MOST_GRAMS));
        }
        if (trim($name) === '' && \in_array($kind, [RunEventKind::Boxed, RunEventKind::TakenBack, RunEventKind::Noted], true)) {
            throw ImpossibleCount::at('name', match ($kind) {
                RunEventKind::Boxed => 'A box needs its number or its name, or it cannot be found again.',
                RunEventKind::Noted => 'There is nothing to note. Write what was done.',
                default => 'Say what is taken back.',
            });
        }
    }
}
