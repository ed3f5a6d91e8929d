<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** How long one piece takes, s (heuristic): by hand all is done one after the other, an automatic does all at once. */
final class CycleTime
{
    public const LOAD_S = 14.0;
    public const SCREEN_S = 3.0;
    public const STROKE_S = 2.5;
    public const FLASH_S = 7.0;
    /** Platens go on by one on an automatic. */
    public const INDEX_S = 2.0;

    /**
     * @param list<int> $strokes of each screen
     *
     * @return float seconds
     */
    public static function seconds(array $strokes, int $flashes): float
    {
        return self::LOAD_S + self::SCREEN_S * \count($strokes) + self::STROKE_S * array_sum($strokes) + self::FLASH_S * $flashes;
    }

    /**
     * Where all heads print at the same time, the slowest station sets the pace.
     *
     * @param list<int> $strokes of each screen
     *
     * @return float seconds
     */
    public static function atOnce(array $strokes, int $flashes): float
    {
        $screens = array_map(static fn (int $n): float => self::SCREEN_S + self::STROKE_S * $n, $strokes);

        return self::INDEX_S + max(self::LOAD_S, $flashes > 0 ? self::FLASH_S : 0.0, ...$screens);
    }
}
