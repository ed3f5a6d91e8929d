<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** A plate drawn by hand: its ink, the marks found on its scan, and where its black is too weak. */
#[OA\Schema]
final readonly class PositiveView
{
    /** @param list<ThinPlaceView> $weak */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $hex,
        #[OA\Property]
        public int $marks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ThinPlaceView::class), description: 'Places to touch up on the scan; the width is their area in mm²')]
        public array $weak,
    ) {
    }
}
