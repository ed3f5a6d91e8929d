<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Raster\CoverageMap;

/** How much of the picture two plates share: over each other, and along the edges where they meet. */
final readonly class PlateContacts
{
    /** Squares that are inked by more than this count as ink, of 64. */
    private const INKED = 16;

    /**
     * @param list<array<int, float>> $touches  [plate][other] share of the picture along the edge
     * @param list<array<int, float>> $overlaps share where both print
     */
    private function __construct(public array $touches, public array $overlaps)
    {
    }

    /** @param list<CoverageMap> $plates of one size */
    public static function of(array $plates): self
    {
        if ($plates === []) {
            return new self([], []);
        }
        $width = $plates[0]->width;
        $area = max(1, \strlen($plates[0]->bytes));
        $all = implode('', array_map(\chr(...), range(0, CoverageMap::FULL)));
        $inked = str_repeat("\0", self::INKED).str_repeat("\xff", CoverageMap::FULL + 1 - self::INKED);
        $ink = array_map(static fn (CoverageMap $p): string => strtr($p->bytes, $all, $inked), $plates);
        // A square further out on each side: what lies there touches.
        $wider = array_map(static fn (string $i): string => $i
            | ("\0".substr($i, 0, -1)) | (substr($i, 1)."\0")
            | (str_repeat("\0", $width).substr($i, 0, -$width)) | (substr($i, $width).str_repeat("\0", $width)), $ink);
        $touches = $overlaps = [];
        foreach ($ink as $a => $one) {
            $touches[$a] = $overlaps[$a] = [];
            foreach ($ink as $b => $two) {
                if ($a === $b) {
                    continue;
                }
                $over = substr_count($one & $two, "\xff");
                // Only the rim counts: what is over each other is counted there.
                $touch = max(0, substr_count($wider[$a] & $two, "\xff") - $over) + max(0, substr_count($one & $wider[$b], "\xff") - $over);
                $overlaps[$a][$b] = $over / $area;
                $touches[$a][$b] = $touch / 2 / $area;
            }
        }

        return new self(array_values($touches), array_values($overlaps));
    }
}
