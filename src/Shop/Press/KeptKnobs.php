<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Press;

use Ektype\App\Shop\Kept;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Unit\Point;

/** Knobs as the shop stores them. */
final class KeptKnobs
{
    /**
     * @param array<mixed> $stored
     *
     * @return list<Knob>
     */
    public static function read(array $stored): array
    {
        return array_map(static function (Kept $k): Knob {
            [$x, $y] = $k->pair('at_mm');
            [$toX, $toY] = $k->pair('pushes');

            return new Knob($k->text('name'), new Point($x, $y), new Point($toX, $toY), $k->number('mm_per_turn'));
        }, Kept::of(['knobs' => $stored])->objects('knobs', true));
    }

    /**
     * @param list<Knob> $knobs
     *
     * @return list<array<string, mixed>>
     */
    public static function written(array $knobs): array
    {
        return array_map(static function (Knob $k): array {
            $unit = $k->unit();

            return [
                'name' => $k->name,
                'at_mm' => [$k->at->xMm, $k->at->yMm],
                'pushes' => [$unit->xMm, $unit->yMm],
                'mm_per_turn' => $k->mmPerTurn,
            ];
        }, $knobs);
    }
}
