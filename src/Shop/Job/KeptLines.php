<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Shop\Kept;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Order\SizeCount;

/** Lines of an order as the shop stores them. */
final class KeptLines
{
    /**
     * @param array<mixed> $stored
     *
     * @return list<GarmentLine>
     */
    public static function read(array $stored): array
    {
        return array_map(static fn (Kept $line): GarmentLine => new GarmentLine(
            $line->textOr('garment', ''),
            $line->textOr('colour', ''),
            $line->text('hex'),
            array_map(
                static fn (Kept $size): SizeCount => new SizeCount($size->text('size'), $size->whole('pieces', 0, 1_000_000)),
                $line->objects('sizes', true),
            ),
        ), Kept::of(['lines' => $stored])->objects('lines', true));
    }

    /**
     * @param list<GarmentLine> $lines
     *
     * @return list<array<string, mixed>>
     */
    public static function written(array $lines): array
    {
        return array_map(static fn (GarmentLine $l): array => [
            'garment' => $l->garment,
            'colour' => $l->colour,
            'hex' => $l->hex,
            'sizes' => array_map(static fn (SizeCount $s): array => ['size' => $s->size, 'pieces' => $s->pieces], $l->sizes),
        ], $lines);
    }
}
