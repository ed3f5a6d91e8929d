<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

use Ektype\Core\Ink\CureNeed;
use Ektype\Core\Ink\Vehicle;
use Ektype\Core\Plate\Substrate;

/**
 * The limits of this shop, out of prints that were stretched and washed. One that failed moves a limit at once, to the safe
 * side; one that held moves none towards the edge before three did, and never past one that failed.
 */
final class CureLearned
{
    /** A print that cracked at so much heat asks for so much more (heuristic: what belts and probes differ by), °C and share. */
    private const MORE_C = 5.0;
    private const LONGER = 1.3;
    /** So many prints that held make a lower heat good enough. */
    private const HELD = 3;
    /** A shop’s own limit never goes further below the trade’s than this, °C (heuristic). */
    private const BELOW_C = 25.0;

    /**
     * @param list<WearTest> $tests of all inks and cloths
     */
    public static function need(CureNeed $need, Vehicle $vehicle, array $tests): CureNeed
    {
        $of = array_filter($tests, static fn (WearTest $t): bool => $t->vehicle === $vehicle);
        $least = $need->leastC;
        $hold = $need->holdS;
        $failed = null;
        foreach ($of as $test) {
            if (!$test->verdict->isUnder()) {
                continue;
            }
            if ($test->overS >= $need->holdS) {
                // Hot and long enough by the book, and it failed: it wants more heat.
                $failed = max($failed ?? 0.0, $test->peakC);
            } elseif ($test->peakC >= $need->leastC) {
                $hold = max($hold, self::LONGER * $test->overS);
            } else {
                $failed = max($failed ?? 0.0, $test->peakC);
            }
        }
        $held = array_values(array_map(static fn (WearTest $t): float => $t->peakC, array_filter($of, static fn (WearTest $t): bool => $t->verdict === WearVerdict::Held && $t->washes > 0 && $t->peakC < $need->leastC)));
        if (\count($held) >= self::HELD) {
            rsort($held);
            // The warmest of the three coolest: three held at it or below.
            $least = max($held[\count($held) - self::HELD], $need->leastC - self::BELOW_C);
        }
        if ($failed !== null && $failed + self::MORE_C > $least) {
            $least = $failed + self::MORE_C;
        }
        $least = min($least, $need->mostC);

        return new CureNeed($least, min($need->mostC, max($least, $need->wishedC + $least - $need->leastC)), $need->mostC, $hold, $need->water);
    }

    /** @param list<WearTest> $tests */
    public static function limit(HeatLimit $limit, Substrate $cloth, array $tests): HeatLimit
    {
        foreach ($tests as $test) {
            if ($test->cloth === $cloth && $test->verdict->isOver() && $test->surfaceC - self::MORE_C < $limit->celsius) {
                $limit = $limit->below($test->surfaceC - self::MORE_C, \sprintf('In this shop %s %s at %.0f °C.', $cloth->value, $test->verdict->value, $test->surfaceC));
            }
        }

        return $limit;
    }

    /**
     * What the tests of this ink and cloth have moved, in a sentence each; one where they moved nothing.
     *
     * @param list<WearTest> $tests
     *
     * @return list<string>
     */
    public static function says(CureNeed $trade, CureNeed $need, HeatLimit $usual, HeatLimit $limit, array $tests): array
    {
        $n = \count($tests);
        if ($n === 0) {
            return ['Nothing was stretched or washed yet: these limits are the trade’s. A print that fails moves them at once, three that hold may lower the heat.'];
        }

        return array_values(array_filter([
            abs($need->leastC - $trade->leastC) < 0.5 ? '' : \sprintf('By %d %s of this shop this ink cures from %.0f °C on, in place of %.0f.', $n, $n === 1 ? 'test' : 'tests', $need->leastC, $trade->leastC),
            $need->holdS - $trade->holdS < 0.5 ? '' : \sprintf('It is held there for %.0f s, in place of %.0f.', $need->holdS, $trade->holdS),
            $usual->celsius - $limit->celsius < 0.5 ? '' : \sprintf('This cloth bears %.0f °C at its skin, in place of %.0f.', $limit->celsius, $usual->celsius),
            abs($need->leastC - $trade->leastC) < 0.5 && $need->holdS - $trade->holdS < 0.5 && $usual->celsius - $limit->celsius < 0.5 ? \sprintf('%d %s of this shop, and no limit moved.', $n, $n === 1 ? 'test' : 'tests') : '',
        ], static fn (string $one): bool => $one !== ''));
    }
}
