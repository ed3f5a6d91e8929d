<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Ektype\App\Api\Jobs\FigureView;
use Ektype\App\Api\Shelves\FrameView;
use OpenApi\Attributes as OA;

/** A frame with its tension over time. */
#[OA\Schema]
final readonly class FrameRecordView
{
    /** @param list<TensionReadingView> $readings oldest first */
    public function __construct(
        #[OA\Property]
        public FrameView $frame,
        #[OA\Property(description: 'What holds it now; empty where nothing does')]
        public string $heldBy,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TensionReadingView::class))]
        public array $readings,
        #[OA\Property]
        public FigureView $tension,
        #[OA\Property(description: 'Day on which it falls below the limit; null where it does not or nobody can tell')]
        public ?string $belowOn,
        #[OA\Property(description: 'N/cm a month; null where there are too few readings')]
        public ?float $perMonth,
    ) {
    }
}
