<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

/**
 * What one plate prints of the register strip, on its film: millimetres from the film’s top left corner, right and down.
 *
 * @phpstan-import-type Rectangle from FilmSheet
 */
final readonly class StripShapes
{
    /**
     * @param list<Rectangle> $blacks x, y, width, height
     * @param list<Rectangle> $rings  x and y of the middle, radius to the middle of the line, width of the line
     */
    public function __construct(public array $blacks, public array $rings)
    {
    }
}
