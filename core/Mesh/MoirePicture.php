<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

use Ektype\Core\Raster\PngFile;

/**
 * A patch of tone as it prints through the mesh: round dots at their ruling and angle, each as strong as the beats leave
 * it there. Reckoned from the beats themselves: pixels coarser than 5 µm would add a pattern of their own.
 */
final class MoirePicture
{
    public const PX_PER_MM = 10;
    private const MOST_PX = 1_000_000;
    /** The strongest are drawn; the rest is fainter than a grey step. */
    private const BEATS = 10;
    private const FAINTEST = 0.002;
    private const PAPER = 244;

    /**
     * @param list<MoireBeat> $beats
     *
     * @return string an 8-bit grey PNG
     *
     * @throws PatternTooLarge where the patch is too large
     */
    public static function png(array $beats, float $lpi, float $angle, float $tone, float $widthMm, float $heightMm): string
    {
        $width = (int) round($widthMm * self::PX_PER_MM);
        $height = (int) round($heightMm * self::PX_PER_MM);
        if ($width < 1 || $height < 1 || $width * $height > self::MOST_PX) {
            throw PatternTooLarge::at('size', 'The patch is a few centimetres wide; that one would not be drawn in time.');
        }
        $cell = 25.4 / $lpi;
        [$cos, $sin] = [cos(deg2rad($angle)) / $cell, sin(deg2rad($angle)) / $cell];
        $waves = self::waves($beats, $width);
        $rows = [];
        // An edge as soft as a pixel, in cells.
        $soft = 1 / self::PX_PER_MM / $cell;
        for ($j = 0; $j < $height; ++$j) {
            $y = ($j + 0.5) / self::PX_PER_MM;
            // cos(a + b) = cos a cos b − sin a sin b: one pair of cosines a row and beat, none a pixel.
            $ofRow = [];
            foreach ($waves as [$swing, $fy]) {
                $ofRow[] = [$swing * cos(2 * \M_PI * $fy * $y), $swing * sin(2 * \M_PI * $fy * $y)];
            }
            $row = '';
            for ($i = 0; $i < $width; ++$i) {
                $ink = 1.0;
                foreach ($ofRow as $k => [$c, $s]) {
                    $ink += $c * $waves[$k][2][$i] - $s * $waves[$k][3][$i];
                }
                $ink = max(0.0, $ink);
                $x = ($i + 0.5) / self::PX_PER_MM;
                $u = $x * $cos + $y * $sin;
                $v = $y * $cos - $x * $sin;
                $u -= round($u);
                $v -= round($v);
                $here = min(1.0, $tone * $ink);
                $radius = sqrt(($here <= 0.5 ? $here : 1 - $here) / \M_PI);
                // Above half tone the cell's middle is a hole, and the dots stand between: as on a Euclidean screen.
                $covered = max(0.0, min(1.0, 0.5 + ($radius - sqrt($u * $u + $v * $v)) / $soft));
                $row .= \chr((int) round(self::PAPER * (1 - ($here <= 0.5 ? $covered : 1 - $covered) * 0.9)));
            }
            $rows[] = $row;
        }

        return PngFile::ofGrey($width, $height, implode('', $rows));
    }

    /**
     * @param list<MoireBeat> $beats
     *
     * @return list<array{float, float, list<float>, list<float>}> swing, frequency along y, cosine and sine by column
     */
    private static function waves(array $beats, int $width): array
    {
        $waves = [];
        foreach (\array_slice(
            array_filter($beats, static fn (MoireBeat $b): bool => abs($b->swing) > self::FAINTEST),
            0,
            self::BEATS,
        ) as $beat) {
            $cosines = $sines = [];
            for ($i = 0; $i < $width; ++$i) {
                $at = 2 * \M_PI * $beat->perMm[0] * ($i + 0.5) / self::PX_PER_MM;
                $cosines[] = cos($at);
                $sines[] = sin($at);
            }
            $waves[] = [$beat->swing, $beat->perMm[1], $cosines, $sines];
        }

        return $waves;
    }
}
