<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Raster\Bits;

/**
 * Parts the bytes of a row by their place: every second, fourth or eighth to a string of its own. Two or four bytes of which
 * all but one are blanked out are a character of a wide alphabet, and taking it to a narrow one leaves that byte.
 */
final class Every
{
    /**
     * @param int<1, max> $nth 1, 2, 4 or 8; the length is a multiple of it
     *
     * @return list<string> the first of every so many, the second of every so many …
     */
    public static function nth(string $bytes, int $nth): array
    {
        if ($nth === 1) {
            return [$bytes];
        }
        if ($nth === 8) {
            $quarters = self::nth($bytes, 4);
            $halves = array_map(static fn (string $quarter): array => self::nth($quarter, 2), $quarters);

            return [...array_column($halves, 0), ...array_column($halves, 1)];
        }
        $one = Bits::unordered(str_repeat("\xff".str_repeat("\0", $nth - 1), intdiv(\strlen($bytes), $nth)));
        $all = Bits::unordered($bytes);
        $parts = [];
        for ($i = 0; $i < $nth; ++$i) {
            $alone = Bits::inOrder(gmp_and($all >> 8 * $i, $one), \strlen($bytes));
            $parts[] = mb_convert_encoding($alone, 'ISO-8859-1', $nth === 2 ? 'UCS-2LE' : 'UCS-4LE');
        }

        return $parts;
    }
}
