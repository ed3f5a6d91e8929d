<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** What the readings of a plate say and what the hands do about it. */
#[OA\Schema]
final readonly class RegisterView
{
    /**
     * @param list<float>       $shiftMm
     * @param list<float|null>  $growthPct
     * @param list<TurnView>    $turns
     * @param list<TapView>     $taps
     * @param list<string>      $unknown
     * @param list<string>      $says
     * @param list<MarkOffView> $marks
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))]
        public array $shiftMm,
        #[OA\Property]
        public ?float $rotationDeg,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number', nullable: true))]
        public array $growthPct,
        #[OA\Property]
        public ?float $shearDeg,
        #[OA\Property]
        public float $floorRmsMm,
        #[OA\Property]
        public float $floorMaxMm,
        #[OA\Property]
        public ?float $repeatMm,
        #[OA\Property]
        public float $nowMaxMm,
        #[OA\Property]
        public float $afterMaxMm,
        #[OA\Property]
        public bool $inRegister,
        #[OA\Property]
        public bool $willBeInTolerance,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TurnView::class))]
        public array $turns,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TapView::class))]
        public array $taps,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $unknown,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $says,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MarkOffView::class))]
        public array $marks,
        #[OA\Property]
        public int $prints,
    ) {
    }
}
