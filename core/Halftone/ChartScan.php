<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/**
 * Reads the patches of a printed chart from the greys of its scan. Each is compared with the bare cloth beside it, so that
 * uneven light does not count, and solid with bare says how dark all of it is (Murray–Davies, in linear light).
 */
final class ChartScan
{
    /** Greys to this power are nearly light. */
    public const TO_LIGHT = 2.2;
    /** Of a patch its inner part is read, mm from its edge. */
    private const INSIDE_MM = 2.0;
    /** Bare cloth is read in the middle of the gaps, mm wide. */
    private const GAP_READ_MM = 0.8;
    /** Bare and solid must differ by this share of the lighter for tones to be told between them (heuristic). */
    private const LEAST_CONTRAST = 0.15;
    /** A chart that lies as it should has its lights light and its darks dark, within (heuristic). */
    private const ENDS = 0.3;

    /**
     * @param string $lights a byte a pixel: the grey that a scanner gives, 0 black to 1, to the power of TO_LIGHT
     *
     * @return list<ReadTone> every patch between bare and solid
     *
     * @throws UnusableGain where it is no chart, or lies another way
     */
    public static function read(string $lights, int $width, int $height): array
    {
        $light = self::linear();
        [$perX, $perY] = [$width / GainChart::widthMm(), $height / GainChart::heightMm()];
        $mean = static function (float $x, float $y, float $wide, float $high) use ($lights, $width, $height, $light, $perX, $perY): ?float {
            [$left, $right] = [(int) round($x * $perX), (int) round(($x + $wide) * $perX)];
            [$top, $bottom] = [(int) round($y * $perY), (int) round(($y + $high) * $perY)];
            if ($left < 0 || $top < 0 || $right > $width || $bottom > $height || $right <= $left || $bottom <= $top) {
                return null;
            }
            $sum = 0.0;
            for ($row = $top; $row < $bottom; ++$row) {
                foreach (count_chars(substr($lights, $row * $width + $left, $right - $left), 1) as $grey => $count) {
                    $sum += $count * $light[$grey];
                }
            }

            return $sum / (($right - $left) * ($bottom - $top));
        };
        $against = [];
        foreach (GainChart::patches() as $patch) {
            $against[] = [$patch->tonePct, self::inside($mean, $patch) / self::bare($mean, $patch)];
        }
        $of = static fn (int $tone): float => array_sum(array_column(array_filter($against, static fn (array $a): bool => $a[0] === $tone), 1)) / 3;
        [$bare, $solid] = [$of(0), $of(100)];
        if (abs($solid - $bare) < self::LEAST_CONTRAST * max($solid, $bare)) {
            throw UnusableGain::at('scan', 'Where solid and bare should be, the scan is nearly the same: this is no gain chart, or it lies upside down or mirrored. Scan the print of the chart whole, marks and all, its black square at the top right of the middle mark.');
        }
        $read = [];
        foreach ($against as [$tone, $share]) {
            if ($tone > 0 && $tone < 100) {
                $read[] = new ReadTone($tone / 100, ($share - $bare) / ($solid - $bare));
            }
        }
        foreach ($read as $patch) {
            if (($patch->film <= 0.1 && $patch->printed > 0.1 + 2 * self::ENDS) || ($patch->film >= 0.9 && $patch->printed < 0.9 - self::ENDS)) {
                throw UnusableGain::at('scan', 'The lights of the scan are dark or its darks are light: this is no gain chart, or it lies upside down or mirrored. Scan the print of the chart whole, its black square at the top right of the middle mark.');
            }
        }

        return $read;
    }

    /** @param \Closure(float, float, float, float): ?float $mean of a rectangle in mm */
    private static function inside(\Closure $mean, ChartPatch $patch): float
    {
        $size = GainChart::PATCH_MM - 2 * self::INSIDE_MM;

        return $mean($patch->xMm + self::INSIDE_MM, $patch->yMm + self::INSIDE_MM, $size, $size) ?? 0.0;
    }

    /**
     * Bare cloth in the gaps round a patch.
     *
     * @param \Closure(float, float, float, float): ?float $mean
     */
    private static function bare(\Closure $mean, ChartPatch $patch): float
    {
        $off = (GainChart::GAP_MM + self::GAP_READ_MM) / 2;
        $beside = GainChart::PATCH_MM + (GainChart::GAP_MM - self::GAP_READ_MM) / 2;
        $found = array_filter([
            $mean($patch->xMm - $off, $patch->yMm, self::GAP_READ_MM, GainChart::PATCH_MM),
            $mean($patch->xMm + $beside, $patch->yMm, self::GAP_READ_MM, GainChart::PATCH_MM),
            $mean($patch->xMm, $patch->yMm - $off, GainChart::PATCH_MM, self::GAP_READ_MM),
            $mean($patch->xMm, $patch->yMm + $beside, GainChart::PATCH_MM, self::GAP_READ_MM),
        ], static fn (?float $light): bool => $light !== null);

        return max(1e-4, array_sum($found) / max(1, \count($found)));
    }

    /** @return list<float> light of each byte, 0–1: scanners write greys as sRGB */
    private static function linear(): array
    {
        return array_map(static function (int $byte): float {
            $grey = ($byte / 255) ** (1 / self::TO_LIGHT);

            return $grey <= 0.04045 ? $grey / 12.92 : (($grey + 0.055) / 1.055) ** 2.4;
        }, range(0, 255));
    }
}
