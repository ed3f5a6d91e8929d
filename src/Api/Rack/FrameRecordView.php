<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Ektype\App\Api\Jobs\FigureView;
use Ektype\App\Api\Jobs\StencilView;
use Ektype\App\Api\Shelves\FrameView;
use OpenApi\Attributes as OA;

/** A frame with its tension over time. */
#[OA\Schema]
final readonly class FrameRecordView
{
    /**
     * @param list<TensionReadingView> $readings oldest first
     * @param list<FrameLineView>      $record
     */
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
        #[OA\Property(description: 'The coating that is on it; null where there is none')]
        public ?StencilView $stencil,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FrameLineView::class), description: 'What happened to it, latest first')]
        public array $record,
        #[OA\Property(description: 'What undo takes back; empty where nothing')]
        public string $undoes,
        #[OA\Property]
        public ?int $heldByJob,
    ) {
    }
}
