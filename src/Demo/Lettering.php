<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

/** Capitals drawn with one even stroke, made for the demo art so that it needs no font of the machine. */
final class Lettering
{
    /** Each letter: its width and its strokes in a box 10 high, the baseline at 10. */
    private const LETTERS = [
        ' ' => [4.0, ''],
        '&' => [8.0, 'M8 10 L2.2 3.6 A2.1 2.1 0 1 1 5.6 3.4 L2 6.2 A2.3 2.3 0 1 0 6.4 8.6 L8 6'],
        'A' => [7.8, 'M0 10 L3.9 0 L7.8 10 M1.4 6.6 L6.4 6.6'],
        'B' => [6.6, 'M0 4.8 L3.4 4.8 A2.4 2.4 0 0 0 3.4 0 L0 0 L0 10 L3.8 10 A2.6 2.6 0 0 0 3.8 4.8'],
        'C' => [8.0, 'M8 2.2 A4.4 5 0 1 0 8 7.8'],
        'D' => [7.6, 'M0 0 L0 10 L3 10 A4.6 5 0 0 0 3 0 L0 0'],
        'E' => [6.0, 'M6 0 L0 0 L0 10 L6 10 M0 4.8 L5 4.8'],
        'F' => [5.8, 'M5.8 0 L0 0 L0 10 M0 4.8 L4.8 4.8'],
        'G' => [8.4, 'M8 2.2 A4.4 5 0 1 0 8.4 6 L8.4 5.4 L5 5.4'],
        'H' => [7.4, 'M0 0 L0 10 M7.4 0 L7.4 10 M0 5 L7.4 5'],
        'I' => [1.2, 'M0.6 0 L0.6 10'],
        'L' => [5.6, 'M0 0 L0 10 L5.6 10'],
        'M' => [9.2, 'M0 10 L0 0 L4.6 6.4 L9.2 0 L9.2 10'],
        'N' => [7.6, 'M0 10 L0 0 L7.6 10 L7.6 0'],
        'O' => [8.8, 'M4.4 0 A4.4 5 0 1 0 4.4 10 A4.4 5 0 1 0 4.4 0'],
        'P' => [6.2, 'M0 10 L0 0 L3.2 0 A2.8 2.8 0 0 1 3.2 5.6 L0 5.6'],
        'R' => [6.6, 'M0 10 L0 0 L3.4 0 A2.7 2.7 0 0 1 3.4 5.4 L0 5.4 M3.2 5.4 L6.6 10'],
        'S' => [6.2, 'M5.8 1.8 A2.9 2.5 0 0 0 3.1 0 A2.5 2.4 0 0 0 3.1 4.8 A2.8 2.6 0 0 1 3.1 10 A3 2.6 0 0 1 0.2 8.1'],
        'T' => [7.0, 'M0 0 L7 0 M3.5 0 L3.5 10'],
        'U' => [7.6, 'M0 0 L0 6.2 A3.8 3.8 0 0 0 7.6 6.2 L7.6 0'],
        'W' => [10.4, 'M0 0 L2.6 10 L5.2 2.6 L7.8 10 L10.4 0'],
        'Y' => [7.4, 'M0 0 L3.7 4.8 L7.4 0 M3.7 4.8 L3.7 10'],
    ];

    /**
     * A line of capitals, centred.
     *
     * @param float $height of the letters, in user units
     * @param float $gap    between letters, in tenths of the height
     * @param float $stroke in tenths of the height
     */
    public static function line(string $text, float $centre, float $top, float $height, float $gap, float $stroke, string $colour): string
    {
        $letters = str_split($text);
        $width = -$gap;
        foreach ($letters as $letter) {
            $width += self::LETTERS[$letter][0] + $gap;
        }
        $scale = $height / 10;
        $x = $centre / $scale - $width / 2;
        $out = \sprintf('<g fill="none" stroke="%s" stroke-width="%s" stroke-linejoin="round" stroke-linecap="butt" transform="translate(0 %s) scale(%s)">', $colour, $stroke, $top, $scale);
        foreach ($letters as $letter) {
            $out .= \sprintf('<path transform="translate(%.3F 0)" d="%s"/>', $x, self::LETTERS[$letter][1]);
            $x += self::LETTERS[$letter][0] + $gap;
        }

        return $out.'</g>';
    }
}
