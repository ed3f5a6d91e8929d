<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\RegisterSlot;
use Ektype\Core\Unit\Point;

/**
 * Reads the strike-off of a film set from its scan: the key’s spots tell where it lies, its rings where each target is, and in
 * each ring the plate’s cross is laid against it. What it cannot see it does not guess.
 *
 * @phpstan-import-type Channels from Srgb
 */
final class ReadTargets
{
    public const LEAST_PPI = 200.0;
    /** Key and cloth nearer than this in their colours cannot be parted, 0 to 441. */
    private const LEAST_CONTRAST = 30.0;
    /** A ring, a cross this like their shape are seen. */
    private const RING_LIKE = 0.5;
    private const RING_OFF_MM = 0.8;
    private const CROSS_LIKE = 0.5;
    /** And this much stronger than the cloth strays, in cells. */
    private const CROSS_OVER_NOISE = 1.1;
    private const CROSS_LEAST = 5.0;
    /** Known less well than this a reading is left out, mm. */
    private const MOST_ERROR_MM = 0.08;
    /** An ink is another’s when it lies so much nearer to it. */
    private const OTHERS = 0.25;
    private const OWN = 0.6;
    private const LARGE_PCT = 1.0;
    private const SKEW_DEG = 3.5;
    /** Of a way through the colours so much must be a plate’s own to be told by that alone (heuristic). */
    private const APART = 0.5;

    /** Of the reading, finding the print on the scan takes about this share. */
    private const FINDING = 0.3;

    /**
     * @param (\Closure(float): void)|null $told is told which share is read, 0–1
     *
     * @throws UnreadableStrikeOff where it shows no strike-off of these films
     */
    public static function on(Scan $scan, StripPlan $plan, ?\Closure $told = null): StrikeOffRead
    {
        if ($scan->ppi < self::LEAST_PPI) {
            throw UnreadableStrikeOff::at('scan', \sprintf('The scan has %.0f pixels an inch, too coarse to read a tenth of a millimetre by, or it does not say its resolution. Scan the print at 300 to 600.', $scan->ppi));
        }
        $way = self::way($plan->cloth, $plan->plates[0]->ink);
        $place = FoundPlace::of($scan, $plan, $way) ?? throw UnreadableStrikeOff::at('scan', \sprintf('The key’s spots and rings are not on the scan where the films of this job have them, so no plate was read. Is it another job’s print, or was it cut off at a corner? Lay the print of %s flat and scan it whole, corners and all, at 300 to 600 pixels an inch.', $plan->plates[0]->name));
        if ($place->isMirrored()) {
            throw UnreadableStrikeOff::at('scan', 'The print lies mirrored on the scan. Nothing was read: a film burned the wrong way round, or a scan that was flipped? Scan the printed side as it is.');
        }
        $code = StripDots::code($scan, $plan, $place, $way);
        if ($code !== null && $code !== $plan->code) {
            throw UnreadableStrikeOff::at('scan', 'The dots beside the print are those of another film set, so this is another job’s strike-off, or one of films written before these. Nothing was read. Scan the print of these films, or give the manifest that belongs to it.');
        }
        $targets = $ways = [];
        foreach ($plan->slots as $k => $slot) {
            $told?->__invoke(self::FINDING + (1 - self::FINDING) * $k / \count($plan->slots));
            [$targets[], $found] = self::target($scan, $place, $slot, $way);
            if ($found !== null) {
                $ways[$slot->plate][] = $found;
            }
        }
        $turned = $place->turnedDeg();
        $down = abs($turned) > 90;
        $per = $place->perMm();
        $size = 100 * (($per->xMm + $per->yMm) / 2 / $scan->perMm() - 1);

        return new StrikeOffRead($targets, $turned, $down, $size, [
            ...self::lies($turned, $size),
            ...self::inks($plan, $ways),
            ...self::missing($plan, $targets),
        ]);
    }

    /** @return Channels from one colour to another, of length 1 */
    private static function way(Srgb $cloth, Srgb $ink): array
    {
        $way = [(float) $ink->red - $cloth->red, (float) $ink->green - $cloth->green, (float) $ink->blue - $cloth->blue];
        $long = sqrt($way[0] ** 2 + $way[1] ** 2 + $way[2] ** 2);
        if ($long < self::LEAST_CONTRAST) {
            throw UnreadableStrikeOff::at('scan', 'The key’s ink is nearly the colour of the cloth, so its rings cannot be found on a scan. Print the strike-off on cloth of another colour, or read it under a loupe.');
        }

        return [$way[0] / $long, $way[1] / $long, $way[2] / $long];
    }

    /**
     * @param Channels $way through the colours, from cloth to the key’s ink
     *
     * @return array{TargetRead, Channels|null} and the way from cloth to its own
     */
    private static function target(Scan $scan, ScanPlace $place, RegisterSlot $slot, array $way): array
    {
        $not = static fn (string $why): array => [new TargetRead($slot->corner, $slot->plate, $slot->at, null, null, $why), null];
        $window = new TargetWindow($scan, $place, $slot->at);
        if (!$window->isWhole()) {
            return $not('it lies beyond the edge of the scan');
        }
        $ring = ShapeFit::of($window, $window->along($way), TargetShape::Ring, new Point(0.0, 0.0));
        if ($ring === null || $ring->strength <= 0 || $ring->likeness < self::RING_LIKE || $ring->at->length() > self::RING_OFF_MM) {
            return $not('the key’s ring is not to be seen');
        }
        $found = FoundCross::in($window, $ring->at);
        if ($found === null || $found->strength < max(self::CROSS_LEAST, self::CROSS_OVER_NOISE * $found->noise)) {
            return $not('no cross is to be seen in the ring: not printed, too near to the cloth in colour, or more than '.FoundCross::FARTHEST_MM.' mm off');
        }
        $fit = ShapeFit::of($window, $window->along(self::apart($found->way, $way)), TargetShape::Cross, $found->at, FoundCross::ringHides($window, $ring->at));
        if ($fit === null || $fit->likeness < self::CROSS_LIKE || $fit->at->to($found->at) > 0.35) {
            return $not('what is in the ring is no clear cross');
        }
        $error = hypot($fit->errorMm, $ring->errorMm);
        if ($error > self::MOST_ERROR_MM) {
            return $not('it is too weak to be read to a tenth of a millimetre');
        }

        return [new TargetRead($slot->corner, $slot->plate, $slot->at, $fit->at->minus($ring->at), $error, ''), $found->way];
    }

    /**
     * The part of a plate’s way through the colours that the key’s ink does not go: the soft edge of its ring, many times as
     * strong as a pale cross, then leaves no trace. Where the two inks are nearly alike, the way itself.
     *
     * @param Channels $way
     * @param Channels $keys
     *
     * @return Channels of length 1
     */
    private static function apart(array $way, array $keys): array
    {
        $alike = $way[0] * $keys[0] + $way[1] * $keys[1] + $way[2] * $keys[2];
        $own = [$way[0] - $alike * $keys[0], $way[1] - $alike * $keys[1], $way[2] - $alike * $keys[2]];
        $long = sqrt($own[0] ** 2 + $own[1] ** 2 + $own[2] ** 2);

        return $long < self::APART ? $way : [$own[0] / $long, $own[1] / $long, $own[2] / $long];
    }

    /** @return list<string> */
    private static function lies(float $turned, float $size): array
    {
        $says = [];
        $skew = abs($turned) > 90 ? 180 - abs($turned) : abs($turned);
        if (abs($turned) > 135) {
            $says[] = 'The print lay upside down on the glass; it was read the right way up.';
        } elseif (abs($turned) > 45) {
            $says[] = 'The print lay on its side on the glass; it was read the right way up.';
            $skew = abs(90 - abs($turned));
        }
        if ($skew > self::SKEW_DEG) {
            $says[] = \sprintf('The print lies %.1f° askew: it was read, but lay it straighter.', $skew);
        }
        if (abs($size) > self::LARGE_PCT) {
            $says[] = \sprintf('On the scan the print is %.1f %% %s than its films. The misfits are taken from it all the same; does the scan say its resolution rightly?', abs($size), $size > 0 ? 'larger' : 'smaller');
        }

        return $says;
    }

    /**
     * @param array<int, list<Channels>> $ways of each plate that was seen
     *
     * @return list<string>
     */
    private static function inks(StripPlan $plan, array $ways): array
    {
        $says = [];
        foreach ($ways as $plate => $seen) {
            $mean = [0.0, 0.0, 0.0];
            foreach ($seen as $way) {
                $mean = [$mean[0] + $way[0] / \count($seen), $mean[1] + $way[1] / \count($seen), $mean[2] + $way[2] / \count($seen)];
            }
            $own = self::like($plan->plates[$plate], $plan->cloth, $mean);
            [$nearest, $most] = [$plate, $own];
            foreach (array_keys($plan->plates) as $other) {
                $like = $other === 0 ? -1.0 : self::like($plan->plates[$other], $plan->cloth, $mean);
                [$nearest, $most] = $like > $most ? [$other, $like] : [$nearest, $most];
            }
            if ($own < self::OWN && $most > $own + self::OTHERS) {
                $says[] = \sprintf('In the targets of %s the ink looks like %s. Were two screens changed over, or is it another print? Look before you turn a knob.', $plan->plates[$plate]->name, $plan->plates[$nearest]->name);
            }
        }

        return $says;
    }

    /**
     * How far a way through the colours is that from the cloth to an ink, −1 to 1.
     *
     * @param Channels $way
     */
    private static function like(StripPlate $plate, Srgb $cloth, array $way): float
    {
        $to = [$plate->ink->red - $cloth->red, $plate->ink->green - $cloth->green, $plate->ink->blue - $cloth->blue];

        return ($to[0] * $way[0] + $to[1] * $way[1] + $to[2] * $way[2]) / max(1.0, sqrt($to[0] ** 2 + $to[1] ** 2 + $to[2] ** 2));
    }

    /**
     * @param list<TargetRead> $targets
     *
     * @return list<string>
     */
    private static function missing(StripPlan $plan, array $targets): array
    {
        $says = [];
        foreach (array_keys($plan->plates) as $plate) {
            if ($plate === 0) {
                continue;
            }
            $lost = array_values(array_filter($targets, static fn (TargetRead $t): bool => $t->plate === $plate && $t->off === null));
            $all = \count($plan->spots);
            if (\count($lost) === $all) {
                $says[] = \sprintf('%s was not read at any corner: %s.', $plan->plates[$plate]->name, $lost[0]->why);
            } elseif ($lost !== []) {
                $says[] = \sprintf('%s was not read at %s: %s.', $plan->plates[$plate]->name, implode(' and ', array_map(static fn (TargetRead $t): string => $t->corner, $lost)), $lost[0]->why);
            }
        }

        return $says;
    }
}
