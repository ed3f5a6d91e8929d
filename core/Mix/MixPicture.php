<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\ToneWork;

/** What a table of colours prints of a picture, small: every pixel looked up in the colours that come out. */
final class MixPicture
{
    /** @param list<string> $prints red, green and blue of what is printed at each step */
    public static function of(ArtTones $art, array $prints, Srgb $garment): \Imagick
    {
        [$red, $green, $blue] = $art->throughAll($prints);

        return $art->coloured(self::woven($red, $green, $blue), $garment);
    }

    public static function small(ArtRaster $small, float $widthMm, ToneWork $work): ArtTones
    {
        return ArtTones::of($small, $small->width, $small->height, $widthMm, $work);
    }

    /** @return list<string> red, green and blue as they are looked up, from one kept text */
    public static function read(string $kept): array
    {
        return \strlen($kept) % 3 === 0 && $kept !== '' ? str_split($kept, max(1, intdiv(\strlen($kept), 3))) : throw new \UnexpectedValueException('A kept table of colours is damaged.');
    }

    /** The colours of a table’s nodes as the press prints them. */
    public static function written(MixRequest $request, MixTable $table, bool $uncorrected): string
    {
        return implode('', $table->prints($request->layered(), $request->printedRange(), ToneCurve::press($uncorrected ? $request->curve : null)));
    }

    private static function woven(string $red, string $green, string $blue): string
    {
        $rgb = str_repeat("\0", 3 * \strlen($red));
        for ($i = 0, $at = 0, $n = \strlen($red); $i < $n; ++$i) {
            $rgb[$at++] = $red[$i];
            $rgb[$at++] = $green[$i];
            $rgb[$at++] = $blue[$i];
        }

        return $rgb;
    }
}
