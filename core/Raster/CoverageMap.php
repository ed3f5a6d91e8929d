<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/** How much of each preview pixel is covered, one byte a pixel, 0 to 64 (of 64 film pixels, or 16 scaled to it). */
final readonly class CoverageMap
{
    public const FULL = 64;

    public function __construct(public int $width, public int $height, public int $filmPixels, public string $bytes)
    {
    }

    /**
     * Counts the printing film pixels in each square of 8 × 8 (4 × 4 where the plane is small). Bits are counted
     * by translation tables and rows added as big integers: no sum passes 64, so no byte carries into the next.
     */
    public static function of(BitPlane $plane): self
    {
        $square = $plane->width > 3200 ? 8 : 4;
        $counts = [];
        for ($i = 0; $i < 256; ++$i) {
            $counts[] = \chr(substr_count(decbin($i), '1'));
        }
        $ofByte = implode('', $counts);
        $allBytes = implode('', array_map(\chr(...), range(0, 255)));
        $ofHex = implode('', \array_slice($counts, 0, 16));
        $width = $square === 8 ? $plane->stride : $plane->stride * 2;
        $height = intdiv($plane->height + $square - 1, $square);
        $scale = $square === 4 ? 4 : 1;
        $rows = [];
        for ($y = 0; $y < $height; ++$y) {
            $sum = gmp_init(0);
            for ($line = $y * $square; $line < min($plane->height, ($y + 1) * $square); ++$line) {
                $row = $plane->row($line);
                $counted = $square === 8 ? strtr($row, $allBytes, $ofByte) : strtr(bin2hex($row), '0123456789abcdef', $ofHex);
                $sum = gmp_add($sum, gmp_import($counted));
            }
            $rows[] = str_pad(gmp_export(gmp_mul($sum, $scale)), $width, "\0", \STR_PAD_LEFT);
        }

        return new self($width, $height, $square, implode('', $rows));
    }
}
