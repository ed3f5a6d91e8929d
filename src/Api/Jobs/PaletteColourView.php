<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** A colour of the art. */
#[OA\Schema]
final readonly class PaletteColourView
{
    /** @param list<ShelfInkView> $nearInks inks of the shelf, nearest first */
    public function __construct(
        #[OA\Property]
        public string $hex,
        #[OA\Property]
        public float $sharePct,
        #[OA\Property]
        public string $printsAs,
        #[OA\Property]
        public bool $leftOpen,
        #[OA\Property]
        public string $whyOpen,
        #[OA\Property(description: 'The ink that it is locked to')]
        public ?int $lockedInkId,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ShelfInkView::class))]
        public array $nearInks,
        #[OA\Property]
        public bool $isSplit,
    ) {
    }
}
