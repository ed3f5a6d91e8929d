<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** How long one piece takes by hand: loaded and off again, each screen down and up, its strokes, each flash (heuristic). */
final class CycleTime
{
    public const LOAD_S = 14.0;
    public const SCREEN_S = 3.0;
    public const STROKE_S = 2.5;
    public const FLASH_S = 7.0;

    /**
     * @param list<int> $strokes of each screen
     *
     * @return float seconds
     */
    public static function seconds(array $strokes, int $flashes): float
    {
        return self::LOAD_S + self::SCREEN_S * \count($strokes) + self::STROKE_S * array_sum($strokes) + self::FLASH_S * $flashes;
    }
}
