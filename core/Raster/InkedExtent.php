<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/** The smallest upright box that holds all ink of a print, in squares of its coverage maps. */
final readonly class InkedExtent
{
    private function __construct(public int $left, public int $top, public int $width, public int $height)
    {
    }

    /**
     * @param list<CoverageMap> $maps of one size
     *
     * @return self|null null where nothing prints
     */
    public static function of(array $maps): ?self
    {
        $first = $maps[0] ?? null;
        if ($first === null) {
            return null;
        }
        $any = $first->bytes;
        foreach (\array_slice($maps, 1) as $map) {
            $any |= $map->bytes;
        }
        [$left, $right, $top, $bottom] = [$first->width, -1, -1, -1];
        foreach (str_split($any, max(1, $first->width)) as $y => $row) {
            $from = strspn($row, "\0");
            if ($from === \strlen($row)) {
                continue;
            }
            $left = min($left, $from);
            $right = max($right, \strlen(rtrim($row, "\0")) - 1);
            $top = $top < 0 ? $y : $top;
            $bottom = $y;
        }

        return $right < 0 ? null : new self($left, $top, $right - $left + 1, $bottom - $top + 1);
    }
}
