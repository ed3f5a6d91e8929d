<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\BitPlane;

/** A plate on its way to a film: what is drawn, what the label says, and the colour of its ink. */
final readonly class FilmPlate
{
    public function __construct(public string $name, public BitPlane $plane, public string $label, public Srgb $colour = new Srgb(0, 0, 0))
    {
    }

    /** A file name that any system takes: place in the order and the name of the plate. */
    public static function fileName(int $number, string $name): string
    {
        $plain = strtolower((string) iconv('UTF-8', 'ASCII//TRANSLIT', $name));

        $plain = trim((string) preg_replace('/[^a-z0-9]+/', '-', $plain), '-');

        return \sprintf('%02d-%s.png', $number, $plain === '' ? 'plate' : $plain);
    }
}
