<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\Core\Separation\ThinPlace;

/** Thin places as the shop stores them: x, y, width, length in mm. */
final class KeptPlaces
{
    /**
     * @param array<mixed> $stored
     *
     * @return list<ThinPlace>
     */
    public static function read(array $stored): array
    {
        $places = [];
        foreach ($stored as $p) {
            if (\is_array($p) && is_numeric(
                $p[0] ?? null,
            ) && is_numeric($p[1] ?? null) && is_numeric($p[2] ?? null) && is_numeric($p[3] ?? null)) {
                $places[] = new ThinPlace((float) $p[0], (float) $p[1], (float) $p[2], (float) $p[3]);
            }
        }

        return $places;
    }

    /**
     * @param list<ThinPlace> $places
     *
     * @return list<list<float>>
     */
    public static function written(array $places): array
    {
        return array_map(static fn (ThinPlace $p): array => [$p->xMm, $p->yMm, $p->widthMm, $p->lengthMm], $places);
    }
}
