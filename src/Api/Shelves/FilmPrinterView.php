<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use OpenApi\Attributes as OA;

/** A film printer of the shop. */
#[OA\Schema]
final readonly class FilmPrinterView
{
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $dpi,
        #[OA\Property]
        public float $mediaWidthMm,
        #[OA\Property(description: 'null on a roll')]
        public ?float $sheetLengthMm,
        #[OA\Property]
        public float $feedMarginMm,
        #[OA\Property]
        public ?float $density,
        #[OA\Property]
        public float $scaleErrorXPct,
        #[OA\Property]
        public float $scaleErrorYPct,
        #[OA\Property(description: 'What its black means for the screen; empty where it stops the lamp')]
        public string $caution,
    ) {
    }

    public static function of(FilmPrinter $of): self
    {
        return new self((int) $of->id, $of->name, $of->dpi, $of->mediaWidthMm, $of->sheetLengthMm, $of->feedMarginMm, $of->density, $of->scaleErrorXPct, $of->scaleErrorYPct, $of->profile()->densitySentence());
    }
}
