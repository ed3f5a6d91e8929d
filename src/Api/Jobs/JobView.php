<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Api\Tasks\TaskView;
use OpenApi\Attributes as OA;

/** A whole job as its page shows it. */
#[OA\Schema]
final readonly class JobView
{
    /**
     * @param list<PlateView>         $plates
     * @param list<PaletteColourView> $palette
     * @param list<StrayView>         $strays
     * @param list<string>            $warnings
     * @param list<MarkPlaceView>     $marks
     */
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $customer,
        #[OA\Property]
        public string $substrate,
        #[OA\Property]
        public string $garment,
        #[OA\Property]
        public string $garmentName,
        #[OA\Property]
        public string $garmentHex,
        #[OA\Property]
        public int $quantity,
        #[OA\Property]
        public string $place,
        #[OA\Property]
        public ?string $dueOn,
        #[OA\Property]
        public float $widthMm,
        #[OA\Property]
        public float $heightMm,
        #[OA\Property]
        public float $chokeMm,
        #[OA\Property]
        public ?int $inks,
        #[OA\Property]
        public bool $printGround,
        #[OA\Property]
        public bool $groundLeftOpen,
        #[OA\Property]
        public string $artName,
        #[OA\Property]
        public string $artKind,
        #[OA\Property]
        public int $artWidthPx,
        #[OA\Property]
        public int $artHeightPx,
        #[OA\Property]
        public float $artPpi,
        #[OA\Property]
        public bool $separated,
        #[OA\Property]
        public bool $separationCurrent,
        #[OA\Property]
        public bool $filmsWritten,
        #[OA\Property]
        public bool $filmsCurrent,
        #[OA\Property(description: 'Changes whenever the pull has to be drawn anew')]
        public string $pullKey,
        #[OA\Property]
        public float $toleranceMm,
        #[OA\Property]
        public ?int $pressId,
        #[OA\Property]
        public ?int $lampId,
        #[OA\Property]
        public ?int $emulsionId,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PlateView::class))]
        public array $plates,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PaletteColourView::class))]
        public array $palette,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StrayView::class))]
        public array $strays,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $warnings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MarkPlaceView::class))]
        public array $marks,
        #[OA\Property]
        public NextStepView $next,
        #[OA\Property]
        public ?TaskView $task,
        #[OA\Property(description: 'What undo would take back; empty where there is nothing')]
        public string $undo,
        #[OA\Property]
        public string $orderSchool,
    ) {
    }
}
