<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

use Ektype\Core\Plate\Halftone;

/** The figure that the dots of two plates make together: a ring of them that comes again. */
final class Rosette
{
    /** Under this it is texture; up to where it is no pattern any more it may be a fault, mm (heuristic). */
    private const TEXTURE_MM = 2.0;
    private const WIDE_MM = 20.0;

    /**
     * How often it repeats: one over the least difference of the two gratings’ lines per mm, each square grating
     * taken along all four of its directions. Two of one ruling L that differ by an angle d repeat every 1 / (2 L sin(d / 2)).
     *
     * @return float mm; INF for plates of one ruling and angle, which make none
     */
    public static function mm(Halftone $one, Halftone $other): float
    {
        [$f, $g] = [$one->lpi / 25.4, $other->lpi / 25.4];
        $turn = deg2rad($other->angleDeg - $one->angleDeg);
        $least = \INF;
        for ($quarter = 0; $quarter < 4; ++$quarter) {
            $least = min($least, sqrt(max(0.0, $f * $f + $g * $g - 2 * $f * $g * cos($turn + $quarter * \M_PI / 2))));
        }

        return $least < 1e-6 ? \INF : 1 / $least;
    }

    /**
     * The widest that a plate makes with others, in a sentence.
     *
     * @param list<string>   $names  of the others
     * @param list<Halftone> $others
     */
    public static function says(Halftone $plate, array $names, array $others): string
    {
        $widest = 0.0;
        $with = $alike = [];
        foreach ($others as $i => $dots) {
            $name = $names[$i];
            $mm = self::mm($plate, $dots);
            if ($mm === \INF) {
                $alike[] = $name;
            } elseif ($mm > $widest + 0.005) {
                [$widest, $with] = [$mm, [$name]];
            } elseif ($mm > $widest - 0.005) {
                $with[] = $name;
            }
        }
        $says = [];
        if ($with !== []) {
            $says[] = \sprintf('Its dots make a rosette every %.1f mm with %s: %s.', $widest, self::listed($with), match (true) {
                $widest < self::TEXTURE_MM => 'so fine that it is texture, wherever the plate stands',
                $widest <= self::WIDE_MM => 'wide enough to be seen as a pattern',
                default => 'so wide that it is seen as a slow change of colour, if at all',
            });
        }
        if ($alike !== []) {
            $says[] = \sprintf('It shares its angle with %s: no rosette, but how their dots lie over each other goes with the register.', self::listed($alike));
        }

        return implode(' ', $says);
    }

    /** @param non-empty-list<string> $names */
    private static function listed(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? $last : implode(', ', $names).' and '.$last;
    }
}
