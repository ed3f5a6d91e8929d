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
     * @param list<PairBudgetView>    $budget
     * @param list<ThinPlaceView>     $thinBase
     * @param list<WitnessView>       $witnesses
     * @param list<string>            $filmFormats
     * @param list<PositiveView>      $positives
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
        #[OA\Property(description: 'How far lighter plates spread under darker ones, mm')]
        public FigureView $trap,
        #[OA\Property]
        public bool $trapFollowsPress,
        #[OA\Property]
        public float $acrossMm,
        #[OA\Property]
        public float $dropMm,
        #[OA\Property]
        public FramingView $framing,
        #[OA\Property(description: 'flat, line or tonal; empty until separated')]
        public string $kindFound,
        #[OA\Property]
        public string $kindWhy,
        #[OA\Property(description: 'The register budget: how far plates may part before something shows')]
        public ?FigureView $budgetFigure,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PairBudgetView::class))]
        public array $budget,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ThinPlaceView::class))]
        public array $thinBase,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WitnessView::class))]
        public array $witnesses,
        #[OA\Property]
        public bool $toleranceSet,
        #[OA\Property]
        public ?string $baseFrom,
        #[OA\Property]
        public ?int $filmPrinterId,
        #[OA\Property]
        public string $filmCaution,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $filmFormats,
        #[OA\Property]
        public bool $stepWedge,
        #[OA\Property]
        public ?FilmSetView $filmSet,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PositiveView::class))]
        public array $positives,
        #[OA\Property]
        public float $filmDpi,
    ) {
    }
}
