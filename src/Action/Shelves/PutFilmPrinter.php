<?php

declare(strict_types=1);

namespace Ektype\App\Action\Shelves;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\Core\Film\FilmPrinter as Profile;

/** Puts a film printer on the shelf, or says of one what it is; films that it printed before are to be written again. */
final readonly class PutFilmPrinter implements Change
{
    /** @param int|null $id null for a new one */
    public function __construct(private ?int $id, private Profile $as)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $as = $this->as;
        $printer = $this->id === null ? new FilmPrinter(
            $as->name,
            $as->dpi,
            $as->mediaWidthMm,
            $as->sheetLengthMm,
            $as->feedMarginMm,
            $as->density,
            scaleErrorXPct: $as->scaleErrorXPct,
            scaleErrorYPct: $as->scaleErrorYPct,
            medium: $as->medium,
        ) : $shop->printing->filmPrinters->get($this->id);
        FreeName::must($shop->printing->filmPrinters->named($as->name), $printer, $as->name);
        [
            $printer->name,
            $printer->dpi,
            $printer->mediaWidthMm,
            $printer->sheetLengthMm,
        ] = [$as->name, $as->dpi, $as->mediaWidthMm, $as->sheetLengthMm];
        [
            $printer->feedMarginMm,
            $printer->density,
            $printer->scaleErrorXPct,
            $printer->scaleErrorYPct,
            $printer->medium,
        ] = [$as->feedMarginMm, $as->density, $as->scaleErrorXPct, $as->scaleErrorYPct, $as->medium];
        $printer->assumed = false;
        $shop->printing->filmPrinters->add($printer);
        OnlyOne::taken($shop, $printer);

        return 'Film printer '.$as->name;
    }
}
