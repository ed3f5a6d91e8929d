<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

use Ektype\Core\Plate\Substrate;
use Ektype\Core\Print\PrintPlan;

/** What is done at the press before the first piece of a run. */
final class BeforeFirst
{
    /** Empty rounds under the flash after which platens hardly get warmer (heuristic). */
    private const ROUNDS = 3;
    /** A garment under the flash before its first screen, so that it has shrunk before two colours lie on it (heuristic), s. */
    private const SHRINK_S = 4.0;

    /** @return list<string> plain sentences, in the order in which it is done */
    public static function says(PrintPlan $plan): array
    {
        $cloth = $plan->job->cloth->substrate;
        $worn = $cloth->drinksInk() && $cloth !== Substrate::Paper;
        $cold = 0.0;
        foreach ($plan->plates as $plate) {
            $cold += $plate->flash === null ? 0.0 : $plate->flash->coldS ?? $plate->flash->dwellS;
        }
        $says = [];
        if ($cold > 0 && $plan->job->press->way->carriesAll()) {
            $platens = max(1, $plan->job->press->platens);
            $says[] = \sprintf('%d empty rounds under the flash, %.0f s on each of %d %s, about %.0f min: on cold platens the first shirts would not gel.', self::ROUNDS, $cold, $platens, $platens === 1 ? 'platen' : 'platens', max(1.0, self::ROUNDS * $cold * $platens / 60));
        }
        if ($cold > 0 && $worn && \count($plan->plates) > 1) {
            $says[] = \sprintf('Each garment %.0f s under the flash before its first screen: it shrinks then, and not between two colours.', self::SHRINK_S);
        }
        $says[] = $worn ? 'Waste cloth first, both sides, until register and colour hold.' : 'Waste sheets first, until register and colour hold.';

        return $says;
    }
}
