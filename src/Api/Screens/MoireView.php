<?php

declare(strict_types=1);

namespace Ektype\App\Api\Screens;

use Ektype\App\Api\Jobs\FigureView;
use OpenApi\Attributes as OA;

/** The pattern of a ruling and angle with a mesh, and with the other plates. */
#[OA\Schema]
final readonly class MoireView
{
    /**
     * @param list<MoireSettingView> $calmest
     * @param list<MoirePairView>    $pairs
     */
    public function __construct(
        #[OA\Property]
        public float $lpi,
        #[OA\Property]
        public float $angle,
        #[OA\Property(description: 'Contrast of all visible beats, % of the mean; under 1 nobody sees it')]
        public FigureView $score,
        #[OA\Property(description: 'Of the strongest beat, mm; without a value where none is visible')]
        public FigureView $period,
        #[OA\Property(description: 'What it means, plain')]
        public string $says,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MoireSettingView::class))]
        public array $calmest,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MoirePairView::class))]
        public array $pairs,
        #[OA\Property(description: 'Finest ruling that the mesh carries by the shop’s school')]
        public float $ceilingLpi,
        #[OA\Property(description: 'Lightest and darkest tone it holds at this ruling')]
        public string $tones,
        #[OA\Property(description: 'School of the shop: lines per inch times this is the coarsest mesh per inch')]
        public float $divisor,
    ) {
    }
}
