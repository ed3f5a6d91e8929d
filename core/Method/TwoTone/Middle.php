<?php

declare(strict_types=1);

namespace Ektype\Core\Method\TwoTone;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;

/** What stands between a dark and a light ink. */
enum Middle: string
{
    /** The picture counts by its lightness, and what is as light as the garment is the garment. */
    case Garment = 'garment';
    /** The picture’s own colours, as near as two inks and the garment come. */
    case Picture = 'picture';

    private const SAMPLES = 1500;
    /** From this chroma on a place has a colour (heuristic). */
    private const COLOURED = 12.0;
    /** A picture with colour in no more of its places is a black and white one (heuristic). */
    private const LITTLE = 0.02;

    /** A picture in black and white has no colour to keep to. */
    public static function of(ArtRaster $art): self
    {
        $pixels = $art->width * $art->height;
        $coloured = 0;
        for ($i = 0; $i < self::SAMPLES; ++$i) {
            $at = 3 * (int) ($pixels * fmod($i * 0.6180339887498949, 1.0));
            $lab = Lab::of(new Srgb(\ord($art->rgb[$at]), \ord($art->rgb[$at + 1]), \ord($art->rgb[$at + 2])));
            $coloured += hypot($lab->a, $lab->b) > self::COLOURED ? 1 : 0;
        }

        return $coloured > self::LITTLE * self::SAMPLES ? self::Picture : self::Garment;
    }
}
