<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

/**
 * A strip beside the print that shows on the washed-out screen whether the light was right: fine lines of ink and fine
 * lines left open, in steps of width, and a solid patch to read the density of the black on.
 *
 * @phpstan-import-type Rectangle from FilmSheet
 */
final class StepWedge
{
    public const WIDTHS_MM = [0.1, 0.15, 0.2, 0.3, 0.5];
    public const WIDTH_MM = 46.0;
    public const HEIGHT_MM = 5.0;
    private const STEP_MM = 4.0;
    private const LINE_HEIGHT_MM = 5.0;
    private const SOLID_MM = 5.0;

    /**
     * What is black, in millimetres from the wedge's top left corner, right and down.
     *
     * @return list<Rectangle> x, y, width, height
     */
    public static function blacks(): array
    {
        $blacks = [];
        foreach (self::WIDTHS_MM as $i => $width) {
            // Two lines of ink, as far apart as they are thick, at least 0.3 mm.
            $x = $i * self::STEP_MM + 0.5;
            $blacks[] = [$x, 0.0, $width, self::LINE_HEIGHT_MM];
            $blacks[] = [$x + $width + max(0.3, $width), 0.0, $width, self::LINE_HEIGHT_MM];
        }
        // A bar with one open line for each width.
        $start = \count(self::WIDTHS_MM) * self::STEP_MM + 0.5;
        $x = $start;
        foreach (self::WIDTHS_MM as $i => $width) {
            $open = $start + $i * self::STEP_MM + self::STEP_MM / 2 - $width / 2;
            $blacks[] = [$x, 0.0, $open - $x, self::LINE_HEIGHT_MM];
            $x = $open + $width;
        }
        $blacks[] = [$x, 0.0, $start + \count(self::WIDTHS_MM) * self::STEP_MM - $x, self::LINE_HEIGHT_MM];
        $blacks[] = [self::WIDTH_MM - self::SOLID_MM, 0.0, self::SOLID_MM, self::SOLID_MM];

        return $blacks;
    }
}
