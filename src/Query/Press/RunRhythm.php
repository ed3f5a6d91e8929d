<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

/** How a run goes round: its flashes, its pace, and how warm the ink is on the way. */
final readonly class RunRhythm
{
    /**
     * @param list<FlashOnRun> $flashes
     * @param list<float>      $warmth        °C of the ink’s surface, one for each second of a piece’s way round
     * @param list<string>     $says
     * @param int              $flashReadings of this shop, on which its flash times rest; 0 where they are the trade’s
     */
    public function __construct(
        public array $flashes,
        public array $warmth,
        public float $gelledFromC,
        public float $gelledToC,
        public float $coolC,
        public float $scorchC,
        public float $secondsAPiece,
        public float $piecesAnHour,
        public float $hours,
        public array $says,
        public int $hands,
        public int $flashReadings,
    ) {
    }
}
