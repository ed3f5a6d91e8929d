<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Action\Shelves\PutFilmPrinter;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Film\FilmMedium;
use Ektype\Core\Film\FilmPrinter;

/** A film printer; no length of sheet for a roll. */
final readonly class PrinterEntry implements Entry
{
    public function __construct(
        #[Words(60)]
        public string $name,
        #[Within(150, 2880, 'dpi')]
        public float $dpi,
        #[Within(100, 3000, 'mm')]
        public float $mediaWidthMm,
        #[Within(100, 5000, 'mm')]
        public ?float $sheetLengthMm = null,
        #[Within(0, 60, 'mm')]
        public float $feedMarginMm = FilmPrinter::FEED_MARGIN_MM,
        #[Within(0.3, 6)]
        public ?float $density = null,
        #[Within(-FilmPrinter::MOST_SCALE_ERROR_PCT, FilmPrinter::MOST_SCALE_ERROR_PCT, '%')]
        public float $scaleErrorXPct = 0.0,
        #[Within(-FilmPrinter::MOST_SCALE_ERROR_PCT, FilmPrinter::MOST_SCALE_ERROR_PCT, '%')]
        public float $scaleErrorYPct = 0.0,
        public FilmMedium $medium = FilmMedium::Clear,
    ) {
    }

    public function change(?int $id): PutFilmPrinter
    {
        return new PutFilmPrinter(
            $id,
            new FilmPrinter(
                trim($this->name),
                $this->dpi,
                $this->mediaWidthMm,
                $this->sheetLengthMm,
                $this->feedMarginMm,
                $this->density,
                scaleErrorXPct: $this->scaleErrorXPct,
                scaleErrorYPct: $this->scaleErrorYPct,
                medium: $this->medium,
            ),
        );
    }
}
