<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/** How much of each preview pixel is covered, one byte a pixel, 0 to 64 (of 64 film pixels, or 16 scaled to it). */
final readonly class CoverageMap
{
    public const FULL = 64;
    /** Planes so wide are counted in squares of 8 × 8. */
    private const LARGE = 3200;

    public function __construct(public int $width, public int $height, public int $filmPixels, public string $bytes)
    {
    }

    /**
     * Counts the printing film pixels in each square of 8 × 8 (4 × 4 where the plane is small). Bits are counted
     * by translation tables and rows added as big integers: no sum passes 64, so no byte carries into the next.
     */
    public static function of(BitPlane $plane): self
    {
        $square = $plane->width > self::LARGE ? 8 : 4;
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

    /** So much of it, 0–1: as dots print. */
    public function times(float $tone): self
    {
        if ($tone >= 1) {
            return $this;
        }
        $from = implode('', array_map(\chr(...), range(0, self::FULL)));
        $to = implode('', array_map(static fn (int $c): string => \chr((int) round($c * $tone)), range(0, self::FULL)));

        return new self($this->width, $this->height, $this->filmPixels, strtr($this->bytes, $from, $to));
    }

    /**
     * The same of tones, in the squares that their film would be counted in.
     *
     * @param int  $width  of the film, pixels
     * @param int  $height of the film, pixels
     * @param bool $picked one of the tones of each square instead of their mean: what lies between two tones is none of them
     */
    public static function ofTones(ToneRaster $tones, int $width, int $height, bool $picked = false): self
    {
        $square = $width > self::LARGE ? 8 : 4;
        $across = intdiv($width + 7, 8) * intdiv(8, $square);

        return self::sized($tones, $across, intdiv($height + $square - 1, $square), $square, $picked);
    }

    /** Tones as they are looked at, a place a pixel. */
    public static function asTheyAre(ToneRaster $tones): self
    {
        return self::sized($tones, $tones->width, $tones->height, 2);
    }

    private static function sized(ToneRaster $tones, int $width, int $height, int $square, bool $picked = false): self
    {
        $bytes = $tones->tones;
        if ($width !== $tones->width || $height !== $tones->height) {
            $map = new \Imagick();
            $map->readImageBlob(\sprintf("P5 %d %d 255\n", $tones->width, $tones->height).$bytes, 'tones.pgm');
            $picked ? $map->sampleImage($width, $height) : $map->resizeImage($width, $height, \Imagick::FILTER_BOX, 1);
            $map->setImageDepth(8);
            $map->setImageFormat('GRAY');
            $bytes = $map->getImageBlob();
        }
        $all = $parts = '';
        for ($tone = 0; $tone < 256; ++$tone) {
            $all .= \chr($tone);
            $parts .= \chr((int) round(self::FULL * $tone / 255));
        }

        return new self($width, $height, $square, strtr($bytes, $all, $parts));
    }

    /** The same of a plane that is hardly larger than the screen: squares of 2 × 2. */
    public static function fine(BitPlane $plane): self
    {
        // Each four bits become two digits, how many of either pair are set; two rows of digits are added as text.
        $pairs = '';
        for ($i = 0; $i < 16; ++$i) {
            $pairs .= \chr(16 * (($i >> 3) + ($i >> 2 & 1)) + ($i >> 1 & 1) + ($i & 1));
        }
        $digits = static fn (string $row): \GMP => gmp_import(bin2hex(strtr(bin2hex($row), '0123456789abcdef', $pairs)));
        $none = str_repeat("\0", $plane->stride);
        $sums = implode('', array_map(static fn (int $sum): string => \chr(2 * \ord('0') + $sum), range(0, 4)));
        $ofSum = implode('', array_map(static fn (int $sum): string => \chr(intdiv(self::FULL * $sum, 4)), range(0, 4)));
        $width = 4 * $plane->stride;
        $rows = [];
        for ($y = 0; $y < $plane->height; $y += 2) {
            $next = $y + 1 < $plane->height ? $plane->row($y + 1) : $none;
            $rows[] = strtr(gmp_export(gmp_add($digits($plane->row($y)), $digits($next))), $sums, $ofSum);
        }

        return new self($width, intdiv($plane->height + 1, 2), 2, implode('', $rows));
    }
}
