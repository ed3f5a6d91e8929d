<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\RegisterStrip;
use Ektype\Core\Unit\Point;

/**
 * Lays the plan on a scan: three spots at the corners of a right angle, or two of them, and rings where the plan has rings.
 *
 * @phpstan-import-type Channels from Srgb
 */
final class FoundPlace
{
    /** A scan is this much of another size than it says, at the most, share. */
    private const MOST_SCALE = 0.035;
    /** The third spot lies this near to where the other two put it, mm and share. */
    private const THIRD_MM = 1.0;
    private const THIRD_SHARE = 0.02;
    /** Rings that must be there, share; more where only two spots are. */
    private const RINGS = 0.55;
    /** Where a corner is lost two thirds of the rings are left. */
    private const RINGS_OF_TWO = 0.6;
    private const ROUND = 24;
    /** Beside the line of a ring, where the cloth is bare, mm. */
    private const BESIDE_MM = 0.65;
    private const LEAST_CONTRAST = 0.3;
    /** Of so many spots, the strongest, a place is looked for by two alone. */
    private const FEW = 150;

    /** @param Channels $way through the colours, from cloth to the key’s ink */
    public static function of(Scan $scan, StripPlan $plan, array $way): ?ScanPlace
    {
        $spots = FoundSpots::on($scan, $way);
        $best = null;
        $most = 0.0;
        foreach (self::candidates($scan, $plan, $spots->at) as [$place, $whole]) {
            if ($best !== null && !$whole) {
                // All three corners tell it: two alone need not be asked.
                break;
            }
            $least = $whole ? self::RINGS : self::RINGS_OF_TWO;
            $rings = self::rings($scan, $plan, $place, $way, $spots->contrast, $least);
            // Two corners alone lie as well upside down: the dots must tell which way.
            if ($rings >= $least && $rings > $most && ($whole || StripDots::code($scan, $plan, $place, $way) === $plan->code)) {
                [$best, $most] = [$place, $rings];
            }
        }

        return $best;
    }

    /**
     * @param list<Point> $spots
     *
     * @return iterable<array{ScanPlace, bool}> and whether all three corners were found; these first
     */
    private static function candidates(Scan $scan, StripPlan $plan, array $spots): iterable
    {
        $corners = array_values($plan->spots);
        [$left, $right, $low] = $corners;
        $across = $left->to($right) * $scan->perMm();
        $along = $right->to($low) * $scan->perMm();
        $near = self::THIRD_MM * $scan->perMm() + self::THIRD_SHARE * $along;
        foreach ($spots as $a) {
            foreach ($spots as $b) {
                if (abs($a->to($b) - $across) > self::MOST_SCALE * $across || $a === $b) {
                    continue;
                }
                foreach ([1, -1] as $flip) {
                    // From the top right corner down: the way from the left turned by a quarter, on the scan clockwise.
                    $third = new Point($b->xMm - $flip * ($b->yMm - $a->yMm) * $along / $across, $b->yMm + $flip * ($b->xMm - $a->xMm) * $along / $across);
                    foreach ($spots as $c) {
                        if ($c->to($third) < $near && $c !== $a && $c !== $b) {
                            $place = ScanPlace::of($corners, [$a, $b, $c]);
                            if ($place !== null) {
                                yield [$place, true];
                            }
                        }
                    }
                }
            }
        }
        $spots = \array_slice($spots, 0, self::FEW);
        foreach ([[$left, $right], [$right, $low], [$left, $low]] as $pair) {
            $long = $pair[0]->to($pair[1]) * $scan->perMm();
            foreach ($spots as $a) {
                foreach ($spots as $b) {
                    if ($a === $b || abs($a->to($b) - $long) > self::MOST_SCALE * $long) {
                        continue;
                    }
                    $place = ScanPlace::of($pair, [$a, $b]);
                    if ($place !== null) {
                        yield [$place, false];
                    }
                }
            }
        }
    }

    /**
     * How many of the rings are there, share; nothing as soon as too many are not.
     *
     * @param Channels $way
     */
    private static function rings(Scan $scan, StripPlan $plan, ScanPlace $place, array $way, float $contrast, float $least): float
    {
        $there = 0;
        $most = \count($plan->slots);
        foreach ($plan->slots as $k => $slot) {
            if (($there + $most - $k) < $least * $most) {
                return 0.0;
            }
            $on = [];
            foreach ([RegisterStrip::RING_MM, RegisterStrip::RING_MM + self::BESIDE_MM, RegisterStrip::RING_MM - self::BESIDE_MM] as $radius) {
                $round = [];
                for ($i = 0; $i < self::ROUND; ++$i) {
                    $round[] = $place->onScan(new Point($slot->at->xMm + $radius * cos(2 * \M_PI * $i / self::ROUND), $slot->at->yMm + $radius * sin(2 * \M_PI * $i / self::ROUND)));
                }
                $on[] = $scan->mean($way, $round);
            }
            [$ring, $out, $in] = $on;
            $there += (int) ($ring !== null && $out !== null && $in !== null && min($ring - $out, $ring - $in) > self::LEAST_CONTRAST * $contrast);
        }

        return $plan->slots === [] ? 0.0 : $there / \count($plan->slots);
    }
}
