<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

use Ektype\Core\Ink\Vehicle;
use Ektype\Core\Plate\Substrate;

/** A cured print of the run that was stretched by hand and washed, and what became of it. */
final readonly class WearTest
{
    public const MOST_WASHES = 60;

    /**
     * @param float  $peakC    through the film, as it was cured
     * @param float  $overS    at the least heat that cures its ink, or more
     * @param float  $surfaceC at the skin of the print
     * @param int    $washes   0 where it was stretched alone
     * @param string $picture  of it, by its name in the shop; empty where none was taken
     *
     * @throws ImpossibleCure where no print was cured so
     */
    public function __construct(
        public Vehicle $vehicle,
        public Substrate $cloth,
        public float $peakC,
        public float $overS,
        public float $surfaceC,
        public WearVerdict $verdict,
        public int $washes = 0,
        public string $day = '',
        public string $picture = '',
    ) {
        if ($peakC < 40 || $peakC > 260 || $surfaceC < 40 || $surfaceC > 320) {
            throw ImpossibleCure::at('peakC', \sprintf('%.0f °C through the film and %.0f °C at its skin are no cure. Read the probe again.', $peakC, $surfaceC));
        }
        if ($overS < 0 || $washes < 0 || $washes > self::MOST_WASHES) {
            throw ImpossibleCure::at($overS < 0 ? 'overS' : 'washes', \sprintf('A print is washed up to %d times in a test, and no time is below nothing.', self::MOST_WASHES));
        }
    }
}
