<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\RegisterStrip;
use Ektype\Core\Unit\Point;

/**
 * Finds the key’s spots on a scan: round pieces of its ink with bare cloth about them. The look is made at about 75 pixels an
 * inch; each spot found is then measured on the whole scan.
 *
 * @phpstan-import-type Channels from Srgb
 */
final readonly class FoundSpots
{
    private const LOOK_PPI = 75.0;
    /** Half of the square that must be ink, and the band about it that must be cloth, mm. */
    private const INK_MM = 0.9;
    private const CLOTH_MM = [2.1, 3.1];
    /** Of the strongest piece a spot must have this share, and of its area it may differ by so much. */
    private const LEAST_SHARE = 0.35;
    private const AREA = [0.5, 1.7];
    private const MOST = 400;
    private const APART_MM = 2.5;
    private const REACH_MM = 2.6;
    private const STEP_MM = 0.12;

    /** @param list<Point> $at in pixels, strongest first */
    private function __construct(public array $at, public float $contrast)
    {
    }

    /** @param Channels $way through the colours, from cloth to the key’s ink */
    public static function on(Scan $scan, array $way): self
    {
        $step = max(1, (int) round($scan->ppi / self::LOOK_PPI));
        $values = $scan->along($way, $step);
        $across = intdiv($scan->width, $step);
        $down = intdiv($scan->height, $step);
        $strong = self::pieces($values, $across, $down, $scan->perMm() / $step);
        arsort($strong);
        $most = $strong === [] ? 0.0 : reset($strong);
        $found = [];
        $apart = (self::APART_MM * $scan->perMm()) ** 2;
        foreach ($strong as $at => $contrast) {
            if ($contrast < self::LEAST_SHARE * $most || \count($found) >= self::MOST) {
                break;
            }
            $place = new Point(($at % $across + 0.5) * $step, (intdiv($at, $across) + 0.5) * $step);
            foreach ($found as $other) {
                if (($other->xMm - $place->xMm) ** 2 + ($other->yMm - $place->yMm) ** 2 < $apart) {
                    continue 2;
                }
            }
            $round = self::centre($scan, $way, $place, $contrast);
            if ($round !== null) {
                $found[] = $round;
            }
        }

        return new self($found, $most);
    }

    /**
     * How much lighter (along the way) each place is than the cloth on all four sides of it.
     *
     * @param list<float> $values
     *
     * @return array<int, float>
     */
    private static function pieces(array $values, int $across, int $down, float $perMm): array
    {
        $sums = array_fill(0, ($across + 1) * ($down + 1), 0.0);
        $wide = $across + 1;
        for ($y = 0; $y < $down; ++$y) {
            $row = 0.0;
            for ($x = 0; $x < $across; ++$x) {
                $row += $values[$y * $across + $x];
                $sums[($y + 1) * $wide + $x + 1] = $sums[$y * $wide + $x + 1] + $row;
            }
        }
        $ink = max(1, (int) round(self::INK_MM * $perMm));
        $in = max($ink + 1, (int) round(self::CLOTH_MM[0] * $perMm));
        $out = max($in + 1, (int) round(self::CLOTH_MM[1] * $perMm));
        $box = static fn (int $left, int $top, int $right, int $bottom): float => ($sums[$bottom * $wide + $right] - $sums[$top * $wide + $right] - $sums[$bottom * $wide + $left] + $sums[$top * $wide + $left]) / (($right - $left) * ($bottom - $top));
        $strong = [];
        for ($y = $out; $y < $down - $out; $y += 2) {
            for ($x = $out; $x < $across - $out; $x += 2) {
                $here = $box($x - $ink, $y - $ink, $x + $ink, $y + $ink);
                $contrast = $here - $box($x - $in, $y - $out, $x + $in, $y - $in);
                if ($contrast < 8) {
                    continue;
                }
                $contrast = min(
                    $contrast,
                    $here - $box($x - $in, $y + $in, $x + $in, $y + $out),
                    $here - $box($x - $out, $y - $in, $x - $in, $y + $in),
                    $here - $box($x + $in, $y - $in, $x + $out, $y + $in),
                );
                if ($contrast >= 8) {
                    $strong[$y * $across + $x] = $contrast;
                }
            }
        }

        return $strong;
    }

    /**
     * The middle of a spot, measured twice; null where it is not as large as one.
     *
     * @param Channels $way
     */
    private static function centre(Scan $scan, array $way, Point $near, float $contrast): ?Point
    {
        $mm2 = 0.0;
        for ($round = 0; $round < 2; ++$round) {
            [$lights, $places, $rim] = self::window($scan, $way, $near);
            if ($rim === []) {
                return null;
            }
            sort($rim);
            $cloth = $rim[intdiv(\count($rim), 2)];
            $weight = $x = $y = 0.0;
            foreach ($lights as $i => $light) {
                // What is above half counts whole; only its edge in part.
                $share = max(0.0, min(1.0, ($light - $cloth) / $contrast * 1.5 - 0.25));
                $weight += $share;
                $x += $share * $places[$i]->xMm;
                $y += $share * $places[$i]->yMm;
            }
            $mm2 = $weight * self::STEP_MM ** 2;
            if ($weight < 1) {
                return null;
            }
            $near = new Point($x / $weight, $y / $weight);
        }
        $plan = \M_PI * RegisterStrip::SPOT_MM ** 2;

        return $mm2 < self::AREA[0] * $plan || $mm2 > self::AREA[1] * $plan ? null : $near;
    }

    /**
     * @param Channels $way
     *
     * @return array{list<float>, list<Point>, list<float>} lights within reach, where they are, and lights on the rim
     */
    private static function window(Scan $scan, array $way, Point $near): array
    {
        $lights = $places = $rim = [];
        $pixels = $scan->perMm();
        for ($up = -self::REACH_MM; $up <= self::REACH_MM; $up += self::STEP_MM) {
            for ($right = -self::REACH_MM; $right <= self::REACH_MM; $right += self::STEP_MM) {
                $far = hypot($right, $up);
                $at = new Point($near->xMm + $right * $pixels, $near->yMm + $up * $pixels);
                $colour = $far > self::REACH_MM ? null : $scan->colour($at->xMm, $at->yMm);
                if ($colour === null) {
                    continue;
                }
                $light = $way[0] * $colour[0] + $way[1] * $colour[1] + $way[2] * $colour[2];
                $lights[] = $light;
                $places[] = $at;
                if ($far > self::REACH_MM - 0.4) {
                    $rim[] = $light;
                }
            }
        }

        return [$lights, $places, $rim];
    }
}
