<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use OpenApi\Attributes as OA;

/** All shelves of the shop. */
#[OA\Schema]
final readonly class ShopView
{
    /**
     * @param list<InkView>         $inks
     * @param list<FrameView>       $frames
     * @param list<LampView>        $lamps
     * @param list<EmulsionView>    $emulsions
     * @param list<PressView>       $presses
     * @param list<StepTestView>    $tests
     * @param list<FilmPrinterView> $filmPrinters
     * @param list<OwnMeshView>     $meshes
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: InkView::class))]
        public array $inks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FrameView::class))]
        public array $frames,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LampView::class))]
        public array $lamps,
        #[OA\Property(type: 'array', items: new OA\Items(ref: EmulsionView::class))]
        public array $emulsions,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PressView::class))]
        public array $presses,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StepTestView::class))]
        public array $tests,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FilmPrinterView::class))]
        public array $filmPrinters,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OwnMeshView::class), description: 'The catalogue, coarse to fine')]
        public array $meshes,
    ) {
    }
}
