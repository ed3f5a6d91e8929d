<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Unit\Refusal;

/**
 * Where the films of a set lie on the media, so that little is used. All films of a set are alike: they lie in rows,
 * upright or all turned by a quarter, whichever takes less length; a row that is left over may lie the other way.
 */
final readonly class FilmNesting
{
    /**
     * @param list<NestedFilm> $places   film 0 first, the next copy after the last; top left corner on its page
     * @param float            $lengthMm of media used, all pages together
     */
    private function __construct(
        public array $places,
        public int $pages,
        public float $lengthMm,
        public float $widthMm,
        public float $pageLengthMm,
    ) {
    }

    /**
     * @param int $films  of the set
     * @param int $copies of each, one set after the other
     *
     * @throws Refusal where not even one film goes on the media
     */
    public static function of(FilmPrinter $printer, FilmSheet $sheet, int $films, int $copies = 1): self
    {
        $all = self::nested($printer, $sheet, $films * $copies);
        $places = array_map(static fn (NestedFilm $p): NestedFilm => new NestedFilm($p->film % max(1, $films), $p->page, $p->xMm, $p->yMm, $p->turned), $all->places);

        return new self($places, $all->pages, $all->lengthMm, $all->widthMm, $all->pageLengthMm);
    }

    private static function nested(FilmPrinter $printer, FilmSheet $sheet, int $films): self
    {
        $printer->mustTake($sheet);
        $wide = $sheet->mm($sheet->widthPx);
        $high = $sheet->mm($sheet->heightPx);
        $best = null;
        for ($upright = 0; $upright <= $films; ++$upright) {
            $laid = self::laid($printer, $wide, $high, $upright, $films);
            $best = $laid !== null && ($best === null || $laid->lengthMm < $best->lengthMm - 1e-6) ? $laid : $best;
        }

        return $best ?? throw new \LogicException('A film that goes on the media goes there one way or the other.');
    }

    /** So many films upright, the rest turned; null where they cannot lie so. */
    private static function laid(FilmPrinter $printer, float $wide, float $high, int $upright, int $films): ?self
    {
        $length = $printer->sheetLengthMm ?? \INF;
        $places = [];
        $page = 0;
        $y = 0.0;
        $used = 0.0;
        foreach ([[$upright, $wide, $high, false], [$films - $upright, $high, $wide, true]] as [$count, $across, $along, $turned]) {
            if ($count === 0) {
                continue;
            }
            $inRow = (int) floor(($printer->mediaWidthMm + 1e-6) / $across);
            if ($inRow === 0 || $along > $length + 1e-6) {
                return null;
            }
            for ($left = $count; $left > 0; $left -= $inRow) {
                if ($y + $along > $length + 1e-6) {
                    ++$page;
                    $y = 0.0;
                }
                for ($i = 0; $i < min($inRow, $left); ++$i) {
                    $places[] = new NestedFilm(\count($places), $page, round($i * $across, 3), round($y, 3), $turned);
                }
                $y += $along;
                $used += $along;
            }
        }
        $pages = $page + 1;

        return new self(
            $places,
            $pages,
            $printer->sheetLengthMm === null ? $used : $pages * $length,
            $printer->mediaWidthMm,
            $printer->sheetLengthMm ?? $used,
        );
    }
}
