<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Plate;

use Ektype\App\Shop\Kept;
use Ektype\Core\Registration\Reading;

/** Readings of a plate as the shop stores them. */
final class KeptReadings
{
    /**
     * @param array<mixed> $stored
     *
     * @return list<list<Reading>>
     */
    public static function read(array $stored): array
    {
        $prints = [];
        foreach ($stored as $print) {
            $prints[] = array_map(static function (Kept $r): Reading {
                [$x, $y] = $r->pair('at_mm');
                [$offX, $offY] = $r->pair('off_mm');

                return new Reading($r->text('mark'), $x, $y, $offX, $offY);
            }, Kept::of(['print' => $print])->objects('print'));
        }

        return $prints;
    }

    /**
     * @param list<list<Reading>> $prints
     *
     * @return list<list<array<string, mixed>>>
     */
    public static function written(array $prints): array
    {
        return array_map(
            static fn (array $print): array => array_map(
                static fn (Reading $r): array => ['mark' => $r->mark, 'at_mm' => [$r->xMm, $r->yMm], 'off_mm' => [$r->offXMm, $r->offYMm]],
                $print,
            ),
            $prints,
        );
    }
}
