<?php

declare(strict_types=1);

namespace Ektype\App\Work\Chart;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Method\Index\HeldSquares;
use Ektype\Core\Method\Index\IndexPlates;
use Ektype\Core\Method\Index\IndexRequest;
use Ektype\Core\Method\Index\IndexSeparation;
use Ektype\Core\Raster\BitPlane;

/** The middle of a picture in squares of several sizes beside each other, on one film an ink: printed once through each mesh, it shows which squares that mesh holds. */
final class SquaresFilm
{
    /** A patch is so wide, and so far from the next, film pixels of 600 an inch: 45 and 5 mm. */
    private const PATCH_MM = 45.0;
    private const GAP_MM = 5.0;
    private const MOST = 5;
    private const STEP = 10.0;

    /**
     * Squares an inch that are worth trying on some meshes: what each holds, and the usual ones round it.
     *
     * @param list<Mesh> $meshes
     *
     * @return non-empty-list<float>
     */
    public static function sizes(array $meshes): array
    {
        $held = array_map(static fn (Mesh $mesh): float => max(HeldSquares::COARSEST, min(HeldSquares::USUAL_TO + 2 * self::STEP, self::STEP * floor((HeldSquares::on($mesh)->dpi + 1) / self::STEP))), $meshes);
        $sizes = array_values(array_unique($held));
        sort($sizes);
        // The finest that are held are those in question.
        $sizes = \array_slice($sizes, -self::MOST + 1);
        foreach ([200.0, 180.0, 160.0, 220.0, 140.0] as $usual) {
            if (\count($sizes) < self::MOST && !\in_array($usual, $sizes, true)) {
                $sizes[] = $usual;
            }
        }
        sort($sizes);

        return $sizes;
    }

    /**
     * @param ArtRaster             $art   of the whole print
     * @param IndexRequest          $print as it is wanted
     * @param non-empty-list<float> $sizes squares an inch
     *
     * @return non-empty-list<FilmPlate> one an ink, in print order
     */
    public static function of(ArtRaster $art, IndexRequest $print, array $sizes, string $name): array
    {
        $middle = self::middle($art, min(1.0, self::PATCH_MM / $print->widthMm));
        $widthMm = 8 * round(min(self::PATCH_MM, $print->widthMm) / 25.4 * $print->dpi / 8) / $print->dpi * 25.4;
        $patches = array_map(static fn (float $dpi): IndexPlates => IndexSeparation::of($middle, new IndexRequest($widthMm, $print->garment, $print->inks, $print->base, $print->dpi, $dpi, work: $print->work, diffusion: $print->diffusion)), $sizes);
        $says = implode(', ', array_map(static fn (float $dpi): string => \sprintf('%.0f', $dpi), $sizes));
        $films = [];
        foreach ($patches[0]->plates as $i => $plate) {
            $films[] = new FilmPlate($plate->ink->name, self::beside(array_map(static fn (IndexPlates $patch): BitPlane => $patch->plates[$i]->plane, $patches), $print->dpi), \sprintf('%s   squares to try   %s   from left to right %s an inch   this way up, ink side up', $name, $plate->ink->name, $says));
        }

        return $films;
    }

    /** @param non-empty-list<BitPlane> $planes */
    private static function beside(array $planes, float $dpi): BitPlane
    {
        $gap = str_repeat("\0", (int) round(self::GAP_MM / 25.4 * $dpi / 8));
        $high = max(array_map(static fn (BitPlane $plane): int => $plane->height, $planes));
        $bytes = '';
        for ($y = 0; $y < $high; ++$y) {
            $bytes .= implode($gap, array_map(static fn (BitPlane $plane): string => $y < $plane->height ? $plane->row($y) : str_repeat("\0", $plane->stride), $planes));
        }

        return new BitPlane(8 * intdiv(\strlen($bytes), $high), $high, $bytes);
    }

    private static function middle(ArtRaster $art, float $share): ArtRaster
    {
        $side = max(16, min($art->width, $art->height, (int) round($art->width * $share)));
        [$left, $top] = [intdiv($art->width - $side, 2), intdiv($art->height - $side, 2)];
        $rgb = '';
        for ($y = $top; $y < $top + $side; ++$y) {
            $rgb .= substr($art->rgb, 3 * ($y * $art->width + $left), 3 * $side);
        }

        return new ArtRaster($side, $side, $rgb, false);
    }
}
