<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Film\RegisterStrip;

/** What is printed at a target: the key’s ring or the plate’s cross, with soft edges, as a scan has them. */
enum TargetShape
{
    case Ring;
    case Cross;

    /** Width of an edge on a scan, mm (heuristic): a pixel, a thread and some spread. */
    private const SOFT_MM = 0.16;

    /**
     * How much ink is at a place from its middle, 0 to 1, and how that changes to the right, upwards, and with the spread of
     * the ink over its edges, 1/mm.
     *
     * @param float $spread of the ink beyond each edge, mm
     *
     * @return array{float, float, float, float}
     */
    public function ink(float $x, float $y, float $spread): array
    {
        if ($this === self::Ring) {
            $r = hypot($x, $y);
            [$ink, $slope, $wider] = self::line($r - RegisterStrip::RING_MM, RegisterStrip::RING_LINE_MM / 2 + $spread);

            return $r < 1e-9 ? [$ink, 0.0, 0.0, $wider] : [$ink, $slope * $x / $r, $slope * $y / $r, $wider];
        }
        $half = RegisterStrip::CROSS_LINE_MM / 2 + $spread;
        $long = RegisterStrip::CROSS_MM + $spread;
        [$up, $upSlope, $upWider] = self::line($x, $half);
        [$upEnd, $upEndSlope, $upEndWider] = self::line($y, $long);
        [$over, $overSlope, $overWider] = self::line($y, $half);
        [$overEnd, $overEndSlope, $overEndWider] = self::line($x, $long);
        $one = $up * $upEnd;
        $two = $over * $overEnd;

        return [
            1 - (1 - $one) * (1 - $two),
            $upSlope * $upEnd * (1 - $two) + $over * $overEndSlope * (1 - $one),
            $up * $upEndSlope * (1 - $two) + $overSlope * $overEnd * (1 - $one),
            ($upWider * $upEnd + $up * $upEndWider) * (1 - $two) + ($overWider * $overEnd + $over * $overEndWider) * (1 - $one),
        ];
    }

    /** Whether a place so far from its middle tells anything of it. */
    public function tells(float $x, float $y): bool
    {
        if ($this === self::Ring) {
            return abs(hypot($x, $y) - RegisterStrip::RING_MM) < 0.5;
        }

        return max(abs($x), abs($y)) < RegisterStrip::CROSS_MM + 0.3;
    }

    /** @return array{float, float, float} a line of such a half width: ink, its slope, and what a wider line adds */
    private static function line(float $off, float $half): array
    {
        $ink = ($half - abs($off)) / self::SOFT_MM + 0.5;
        if ($ink <= 0 || $ink >= 1) {
            return [$ink <= 0 ? 0.0 : 1.0, 0.0, 0.0];
        }

        return [$ink, ($off > 0 ? -1 : 1) / self::SOFT_MM, 1 / self::SOFT_MM];
    }
}
