<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

use Ektype\Core\Flash\Underlay;
use Ektype\Core\Ink\CureNeed;

/** What a run of the probe says of the dryer itself: how much heat it gives against the usual of such a one. */
final class DryerLearned
{
    private const FROM = 0.3;
    private const TO = 3.0;

    /**
     * The heat with which a print would come to the peak that was read after as long in the tunnel.
     *
     * @throws ImpossibleCure where no such dryer does
     */
    public static function times(ProbeLog $log, Dryer $dryer, float $filmUm, Underlay $cloth, float $dwellS): float
    {
        $peak = max($log->celsius);
        $dry = new CureNeed(150.0, 160.0, 175.0, 0.0);
        $at = static fn (float $times): float => CureCurve::of($dryer->heating($times), $filmUm, $cloth, $dry, $dwellS)->peakC;
        [$low, $high] = [self::FROM, self::TO];
        if ($peak < $at($low) || $peak > $at($high)) {
            throw ImpossibleCure::at('log', \sprintf('The probe came to %.0f °C after %.0f s; with this air and these panels it would be about %.0f °C. Look at the belt speed, the air and where the probe lay.', $peak, $dwellS, $at(1.0)));
        }
        for ($i = 0; $i < 18; ++$i) {
            $middle = sqrt($low * $high);
            [$low, $high] = $at($middle) < $peak ? [$middle, $high] : [$low, $middle];
        }

        return sqrt($low * $high);
    }
}
