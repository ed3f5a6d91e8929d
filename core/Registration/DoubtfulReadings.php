<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/**
 * Readings that are likelier another unit than a misfit. They are told, not changed: only the hand at the press knows what
 * it read.
 */
final class DoubtfulReadings
{
    private const MM_PER_INCH = 25.4;
    /** A loupe tells no less, mm (heuristic): readings that are all nearer, and not nought, were hardly millimetres. */
    private const LOUPE_MM = 0.05;
    /** A plate is hardly ever further off than half an inch, mm (heuristic). */
    private const HARDLY_MM = 12.7;
    /** Films and screens grow by tenths of a percent; more is another unit or another film, % (heuristic). */
    private const MOST_GROWTH_PCT = 2.0;
    /** Off what the other marks say by this much a reading is doubted, mm: one that is too small, one that is too large (heuristic). */
    private const OFF_MM = ['in' => 0.5, 'mm' => 2.0];
    /** In the other unit it must agree with them within (heuristic). */
    private const AGREES_MM = 0.1;
    private const AGREES_SHARE = 0.2;
    /** Marks nearer to each other are not even inches apart. */
    private const FEWEST_INCHES = 3.0;
    /** So many other marks make a judgement. */
    private const OTHERS = 3;

    /**
     * @param SlipOfHand|null $slip that was found among the readings and left out
     *
     * @return list<string> plain sentences
     */
    public static function says(Readings $readings, Misfit $misfit, ?SlipOfHand $slip): array
    {
        $farthest = max(array_map(static fn (Reading $r): float => $r->offMm(), $readings->means));
        $says = [];
        if ($farthest > 0 && $farthest < self::LOUPE_MM) {
            $says[] = \sprintf('All readings are within %.3f mm, nearer than a loupe tells. If they were inches, the plate is %.1f mm off: type them with “in”.', $farthest, $farthest * self::MM_PER_INCH);
        }
        if ($farthest > self::HARDLY_MM) {
            $says[] = \sprintf('A plate %.1f mm off is hardly a misfit. If that was read in millimetres and typed as inches, it is %.2f mm: type it again with “mm”.', $farthest, $farthest / self::MM_PER_INCH);
        }
        $growth = max(abs($misfit->growth->xPct ?? 0.0), abs($misfit->growth->yPct ?? 0.0), abs($misfit->growth->alongLinePct ?? 0.0));
        if ($growth > self::MOST_GROWTH_PCT) {
            $says[] = \sprintf('This plate would be %.1f %% of another size than the key; films and screens change by tenths of a percent. Look whether its film is of this size, and whether all readings have one unit.', $growth);
        }

        return [...$says, ...self::near($readings), ...self::alike($readings), ...self::single($readings), ...$slip === null ? [] : [$slip->says()]];
    }

    /** @return list<string> */
    private static function near(Readings $readings): array
    {
        $span = MisfitFit::span($readings->means);
        if (\count($readings->means) < 2 || $span >= MisfitFit::NEAR_MM) {
            return [];
        }
        $furthest = max(array_map(static fn (Reading $r): float => hypot($r->xMm, $r->yMm), $readings->means));

        return [
            \sprintf('The marks lie only %.1f mm apart: an error of the loupe would be a turn of the whole screen, so only the shift is taken from them. Read marks at the corners of the print.', $span),
            // Marks stand round the print: no print has all of them within a finger’s breadth of its middle.
            ...$furthest < MisfitFit::NEAR_MM && $span > self::FEWEST_INCHES ? [\sprintf('All marks lie within %.0f mm of the middle of the print. If these places are inches, give them in millimetres: %.0f in is %.0f mm.', $furthest, $furthest, $furthest * self::MM_PER_INCH)] : [],
        ];
    }

    /**
     * No two prints, and no three marks, read alike to the hundredth unless one reading was typed for all.
     *
     * @return list<string>
     */
    private static function alike(Readings $readings): array
    {
        $all = array_merge(...$readings->byPrint);
        $unlike = array_unique(array_map(static fn (Reading $r): string => \sprintf('%.3f %.3f', $r->offXMm, $r->offYMm), $all));

        return \count($all) < 3 || \count($unlike) > 1 || $all[0]->offMm() < 1e-9 ? [] : ['All readings are the same to the hundredth, which hardly happens. If one was typed for all, read the others too: else turn and growth stay hidden.'];
    }

    /**
     * A reading that the others contradict, and that they confirm in the other unit.
     *
     * @return list<string>
     */
    private static function single(Readings $readings): array
    {
        $says = [];
        foreach ($readings->means as $i => $one) {
            $others = $readings->means;
            array_splice($others, $i, 1);
            if (\count($others) < self::OTHERS) {
                return [];
            }
            $moved = MisfitFit::rigid($others);
            [$x, $y] = [$moved->xMm - $moved->turnRad * $one->yMm, $moved->yMm + $moved->turnRad * $one->xMm];
            $agrees = self::AGREES_MM + self::AGREES_SHARE * hypot($x, $y);
            $off = hypot($one->offXMm - $x, $one->offYMm - $y);
            foreach (['in' => self::MM_PER_INCH, 'mm' => 1 / self::MM_PER_INCH] as $unit => $times) {
                if ($off > self::OFF_MM[$unit] && $one->offMm() > 0 && hypot($times * $one->offXMm - $x, $times * $one->offYMm - $y) < $agrees) {
                    $says[] = \sprintf('“%s” reads %.2f mm where the other marks say %.2f mm. It fits them if it was read in %s: type it again with its unit.', $one->mark, $one->offMm(), hypot($x, $y), $unit === 'in' ? 'inches' : 'millimetres');
                }
            }
        }

        return $says;
    }
}
