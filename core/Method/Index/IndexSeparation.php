<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Index;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Art\UnreadableArt;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\InkGamut;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PixelSize;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\ArtTones;

/**
 * A picture in square dots of several inks side by side: each square is one ink, the base or the garment, and what it is off its
 * colour is given on to its neighbours (R. W. Floyd, L. Steinberg: An adaptive algorithm for spatial greyscale, Proceedings of
 * the SID 17, 1976), in the root of light in which dots mix on cloth.
 */
final class IndexSeparation
{
    /** A square more clear than this is the garment’s, of 255. */
    private const CLEAR = 128;
    /** So near a colour is the garment’s own, codes of a channel (heuristic: what compression moves a flat ground). */
    private const OWN = 2;
    /** How much a difference of red, green and blue is seen beside each other (heuristic: their share of light, evened). */
    private const SEEN = [0.7, 1.0, 0.5];
    /** Bands are worked side by side; each begins so many rows earlier, so that no seam is seen. */
    private const WARM_UP = 48;
    private const BAND = 512;

    public static function of(ArtRaster $art, IndexRequest $request): IndexPlates
    {
        $size = self::size($art, $request);
        [$across, $down] = [$size->width, $size->height];
        $squares = self::squares($art, $request);
        $width = (int) round($request->widthMm / 25.4 * $request->dpi);
        $height = (int) round($width * $down / $across);
        if (trim($squares, "\0") === '') {
            throw ImpossibleMix::nothingPrints();
        }
        $plates = [];
        if ($request->base !== null) {
            $plates[] = self::plate($request->base, $squares, $across, $down, null, $width, height: $height, isBase: true);
        }
        foreach (self::order($request->inks) as $i) {
            $plates[] = self::plate($request->inks[$i], $squares, $across, $down, $i + 1, $width, height: $height, isBase: false);
        }

        if ($plates === []) {
            throw new \LogicException('A print has inks.');
        }

        return new IndexPlates($plates, $squares, $across, $down, $width / $request->dpi * 25.4, $height / $request->dpi * 25.4, says: [...$art->remarks, ...self::says($plates, $request)]);
    }

    /**
     * The lightest first: what is darker prints over no light ink that was laid later.
     *
     * @param list<GivenInk> $inks
     *
     * @return list<int> their places, in print order
     */
    public static function order(array $inks): array
    {
        $order = array_keys($inks);
        usort($order, static fn (int $a, int $b): int => Lab::of($inks[$b]->colour)->l <=> Lab::of($inks[$a]->colour)->l);

        return $order;
    }

    /** How many squares. */
    private static function size(ArtRaster $art, IndexRequest $request): PixelSize
    {
        $across = max(2, (int) round($request->widthMm / 25.4 * $request->indexDpi));

        return new PixelSize($across, max(2, (int) round($across * $art->height / $art->width)));
    }

    /** @return string which corner of the gamut each square shows, a byte each, row by row */
    public static function squares(ArtRaster $art, IndexRequest $request): string
    {
        $size = self::size($art, $request);
        [$across, $down] = [$size->width, $size->height];
        $gamut = new InkGamut($request->garment, $request->inks, $request->base);
        $tones = ArtTones::of($art, $across, $down, $request->widthMm, $request->work);
        [$r, $g, $b] = $tones->channels();
        $clear = $tones->where(str_repeat("\xff", $across * $down))->tones;
        if ($art->alpha !== null) {
            $clear &= self::covered($art->alpha, $art, $across, $down);
        }
        $clear &= ~self::ofGarment($request->garment, $r, $g, $b);
        if ($request->diffusion === Diffusion::BlueNoise) {
            return MaskedSquares::of($gamut, $r, $g, $b, $clear, $across);
        }
        $targets = IndexTargets::of($gamut);
        $bands = [];
        for ($from = 0; $from < $down; $from += self::BAND) {
            $to = min($down, $from + self::BAND);
            $bands[] = static fn (): string => self::band($r, $g, $b, $clear, $across, $from, to: $to, gamut: $gamut, targets: $targets);
        }

        return implode('', SideBySide::all($bands, \count($bands) > 1));
    }

    /** @return string 255 where the garment gives the colour by itself, so that nothing is to print, else 0 */
    private static function ofGarment(Srgb $garment, string $red, string $green, string $blue): string
    {
        $all = implode('', array_map(\chr(...), range(0, 255)));
        $near = static fn (string $channel, int $value): string => strtr($channel, $all, implode('', array_map(static fn (int $code): string => abs($code - $value) <= self::OWN ? "\xff" : "\0", range(0, 255))));

        return $near($red, $garment->red) & $near($green, $garment->green) & $near($blue, $garment->blue);
    }

    /** @return string 255 where the picture is there, 0 where it is clear, a byte a square */
    private static function covered(string $alpha, ArtRaster $art, int $across, int $down): string
    {
        try {
            $picture = new \Imagick();
            $picture->readImageBlob(\sprintf("P5 %d %d 255\n", $art->width, $art->height).$alpha, 'alpha.pgm');
            $picture->resizeImage($across, $down, \Imagick::FILTER_BOX, 1);
            $picture->setImageDepth(8);
            $picture->setImageFormat('GRAY');

            return strtr($picture->getImageBlob(), implode('', array_map(\chr(...), range(0, 255))), str_repeat("\0", self::CLEAR).str_repeat("\xff", 256 - self::CLEAR));
        } catch (\ImagickException) {
            throw UnreadableArt::at('art', 'The picture could not be taken to squares: there is no memory for it. Bring it smaller.');
        }
    }

    /** @return string which corner each square shows */
    private static function band(string $redOf, string $greenOf, string $blueOf, string $clear, int $across, int $from, int $to, InkGamut $gamut, IndexTargets $targets): string
    {
        $corners = [];
        foreach ($gamut->corners as $i => [$r, $g, $b]) {
            $corners[] = [\chr($i), $r, $g, $b];
        }
        $root = [];
        $step = [];
        for ($code = 0; $code < 256; ++$code) {
            $root[] = $gamut->root(new Srgb($code, $code, $code))[0];
            $step[] = (int) round($code * (IndexTargets::STEPS - 1) / 255);
        }
        [$moveR, $moveG, $moveB] = [$targets->red, $targets->green, $targets->blue];
        [$seenR, $seenG, $seenB] = self::SEEN;
        $none = array_fill(0, $across + 2, 0.0);
        [$nextR, $nextG, $nextB] = [$none, $none, $none];
        $squares = '';
        for ($y = max(0, $from - self::WARM_UP); $y < $to; ++$y) {
            [$errR, $errG, $errB] = [$nextR, $nextG, $nextB];
            [$nextR, $nextG, $nextB] = [$none, $none, $none];
            $row = str_repeat("\0", $across);
            // Back and forth, so that errors run to neither side.
            $forth = ($y & 1) === 0;
            $way = $forth ? 1 : -1;
            for ($n = 0; $n < $across; ++$n) {
                $x = $forth ? $n : $across - 1 - $n;
                $at = $y * $across + $x;
                if (\ord($clear[$at]) < self::CLEAR) {
                    continue;
                }
                [$red, $green, $blue] = [\ord($redOf[$at]), \ord($greenOf[$at]), \ord($blueOf[$at])];
                $node = $step[$red] + IndexTargets::STEPS * ($step[$green] + IndexTargets::STEPS * $step[$blue]);
                $r = $root[$red] + $moveR[$node] + $errR[$x + 1];
                $g = $root[$green] + $moveG[$node] + $errG[$x + 1];
                $b = $root[$blue] + $moveB[$node] + $errB[$x + 1];
                $least = \INF;
                [$best, $bestR, $bestG, $bestB] = ["\0", 0.0, 0.0, 0.0];
                foreach ($corners as [$corner, $cr, $cg, $cb]) {
                    $off = $seenR * ($r - $cr) ** 2 + $seenG * ($g - $cg) ** 2 + $seenB * ($b - $cb) ** 2;
                    if ($off < $least) {
                        [$least, $best, $bestR, $bestG, $bestB] = [$off, $corner, $cr, $cg, $cb];
                    }
                }
                $row[$x] = $best;
                [$r, $g, $b] = [($r - $bestR) / 16, ($g - $bestG) / 16, ($b - $bestB) / 16];
                [$ahead, $here, $behind] = [$x + 1 + $way, $x + 1, $x + 1 - $way];
                $errR[$ahead] += 7 * $r;
                $errG[$ahead] += 7 * $g;
                $errB[$ahead] += 7 * $b;
                $nextR[$behind] += 3 * $r;
                $nextG[$behind] += 3 * $g;
                $nextB[$behind] += 3 * $b;
                $nextR[$here] += 5 * $r;
                $nextG[$here] += 5 * $g;
                $nextB[$here] += 5 * $b;
                $nextR[$ahead] += $r;
                $nextG[$ahead] += $g;
                $nextB[$ahead] += $b;
            }
            if ($y >= $from) {
                $squares .= $row;
            }
        }

        return $squares;
    }

    /** @param int|null $corner that it prints; null for a base, which lies under all that is not the garment */
    private static function plate(GivenInk $ink, string $squares, int $across, int $down, ?int $corner, int $width, int $height, bool $isBase): IndexPlate
    {
        $from = implode('', array_map(\chr(...), range(0, 255)));
        $to = $corner === null ? '0'.str_repeat('1', 255) : str_repeat('0', $corner).'1'.str_repeat('0', 255 - $corner);
        $marked = strtr($squares, $from, $to);
        $wide = array_map(static fn (int $x): int => (int) round(($x + 1) * $width / $across) - (int) round($x * $width / $across), range(0, $across - 1));
        $even = \count(array_unique($wide)) === 1 ? $wide[0] : null;
        $stride = ($width + 7) >> 3;
        $bytes = '';
        for ($y = 0; $y < $down; ++$y) {
            $row = substr($marked, $y * $across, $across);
            if ($even !== null) {
                $bits = strtr($row, ['0' => str_repeat('0', $even), '1' => str_repeat('1', $even)]);
            } else {
                $bits = '';
                foreach ($wide as $x => $px) {
                    $bits .= str_repeat($row[$x], $px);
                }
            }
            $line = str_contains($row, '1')
                ? str_pad(gmp_export(gmp_init(str_pad($bits, 8 * $stride, '0'), 2)), $stride, "\0", \STR_PAD_LEFT)
                : str_repeat("\0", $stride);
            $bytes .= str_repeat($line, (int) round(($y + 1) * $height / $down) - (int) round($y * $height / $down));
        }

        return new IndexPlate($ink, new BitPlane($width, $height, $bytes), $isBase, substr_count($marked, '1') / \strlen($marked));
    }

    /**
     * @param list<IndexPlate> $plates
     *
     * @return list<string>
     */
    private static function says(array $plates, IndexRequest $request): array
    {
        $mm = 25.4 / $request->indexDpi;
        $says = [\sprintf('A square is %.3f mm: the mesh must hold it, so two threads and an opening together are to be no wider.', $mm)];
        foreach ($plates as $plate) {
            if (!$plate->isBase && $plate->share === 0.0) {
                $says[] = \sprintf('%s prints nowhere: the picture does not need it. Leave it out and save its screen.', $plate->ink->name);
            }
        }

        return $says;
    }
}
