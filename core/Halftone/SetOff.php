<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/**
 * Where the dots of plates stand that share a ruling and an angle. Middle on middle they would lie on top of each other, and two
 * tones a and b would have the smaller of the two in common; half a cell apart they would have nothing in common while they are
 * light. Set off by about a quarter of a cell both ways they have nearly a × b in common, as plates at angles of their own
 * have, and as the print model takes it. Sets of two to seven found by trying all places of a cell of 24 × 24 pixels for round
 * dots, tones 5 to 90 %: what two of them have in common is off by 0.5, 0.9, 0.9, 2.4, 3.0 and 3.5 % of the area (root of the
 * mean square), against 10.7 % for middle on middle.
 *
 * @phpstan-type Parts array{float, float}
 */
final class SetOff
{
    /** Parts of a cell along its two sides. */
    private const UP_TO_FOUR = [[0.0, 0.0], [3 / 4, 1 / 4], [3 / 8, 1 / 8], [1 / 8, 3 / 8]];
    private const MORE = [
        5 => [[0.0, 0.0], [5 / 12, 5 / 6], [5 / 8, 5 / 24], [5 / 24, 5 / 12], [19 / 24, 5 / 8]],
        6 => [[0.0, 0.0], [5 / 24, 3 / 4], [13 / 24, 3 / 4], [3 / 8, 1 / 4], [5 / 6, 1 / 2], [2 / 3, 0.0]],
        7 => [[0.0, 0.0], [1 / 2, 1 / 6], [7 / 24, 7 / 24], [5 / 24, 1 / 2], [1 / 2, 19 / 24], [3 / 4, 13 / 24], [3 / 4, 7 / 24]],
    ];

    /**
     * @param int $plates at one ruling and angle
     *
     * @return list<Parts> of each plate, parts of a cell; more than seven begin again
     */
    public static function of(int $plates): array
    {
        $set = self::MORE[min(7, $plates)] ?? self::UP_TO_FOUR;

        return array_map(static fn (int $plate): array => $set[$plate % \count($set)], range(0, max(0, $plates - 1)));
    }

    /**
     * The same in whole film pixels, to the right and downwards.
     *
     * @param Parts $parts of a cell
     *
     * @return array{int, int}
     */
    public static function pixels(array $parts, Supercell $cell): array
    {
        [$x, $y] = [$cell->a / $cell->cells, $cell->b / $cell->cells];

        return [(int) round($parts[0] * $x - $parts[1] * $y), (int) round(-$parts[0] * $y - $parts[1] * $x)];
    }
}
