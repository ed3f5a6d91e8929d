<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Shop\Plate\Plate;
use OpenApi\Attributes as OA;

/** A strip of the stack: one plate with what it needs. */
#[OA\Schema]
final readonly class PlateView
{
    /**
     * @param array<string, string>    $stages
     * @param list<RankedMeshView>     $meshes
     * @param list<FrameChoiceView>    $frames
     * @param array{float, float}|null $tones
     * @param list<string>             $frameFirst
     * @param list<string>             $beforeLight
     */
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public int $position,
        #[OA\Property]
        public int $drawing,
        #[OA\Property]
        public string $name,
        #[OA\Property(enum: ['base', 'colour', 'highlight'])]
        public string $role,
        #[OA\Property]
        public string $hex,
        #[OA\Property]
        public ?int $inkId,
        #[OA\Property]
        public string $inkName,
        #[OA\Property]
        public string $inkHex,
        #[OA\Property]
        public ?float $inkDeltaE,
        #[OA\Property]
        public float $coveragePct,
        #[OA\Property]
        public float $areaCm2,
        #[OA\Property]
        public ?float $finestLineMm,
        #[OA\Property]
        public string $orderReason,
        #[OA\Property]
        public bool $flashAfter,
        #[OA\Property]
        public string $flashReason,
        #[OA\Property]
        public FigureView $mesh,
        #[OA\Property]
        public FigureView $stencil,
        #[OA\Property]
        public FigureView $light,
        #[OA\Property]
        public FigureView $offContact,
        #[OA\Property]
        public ?int $frameId,
        #[OA\Property]
        public string $frameLabel,
        #[OA\Property]
        public ?float $burnedSeconds,
        #[OA\Property]
        public ?float $gaugedEomUm,
        #[OA\Property]
        public MeshView $meshGeometry,
        #[OA\Property]
        public ?PlacementView $placement,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RankedMeshView::class))]
        public array $meshes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FrameChoiceView::class))]
        public array $frames,
        #[OA\Property]
        public ?RegisterView $register,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', enum: ['ready', 'open', 'out', 'waiting']))]
        public array $stages,
        #[OA\Property]
        public ?string $filmName,
        #[OA\Property(description: 'The colour of the art that it stands for; null for a base of its own')]
        public ?string $artHex,
        #[OA\Property]
        public float $artAreaCm2,
        #[OA\Property]
        public bool $overprints,
        #[OA\Property]
        public HoldingView $holding,
        #[OA\Property(description: 'Lines are brought to this, mm')]
        public ?float $thickenedToMm,
        #[OA\Property]
        public ?float $finestGapMm,
        #[OA\Property(description: 'Lines per inch of its halftone; null for a solid plate')]
        public ?float $lpi,
        #[OA\Property(description: 'Degrees')]
        public ?float $angleDeg,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), nullable: true, description: 'Lightest and darkest tone, 0–1')]
        public ?array $tones,
        #[OA\Property(description: 'Wet ink wanted, µm')]
        public ?float $depositUm,
        #[OA\Property(description: 'How its frame is to be coated')]
        public CoatView $coat,
        #[OA\Property(description: 'The coating on its frame now; null where there is none')]
        public ?StencilView $stencilNow,
        #[OA\Property]
        public string $frameState,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What must be done to its frame before it can be burned')]
        public array $frameFirst,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Plate::BEFORE_LIGHT), description: 'What was done before the light')]
        public array $beforeLight,
        #[OA\Property(description: 'What was seen at the sink; null until somebody looked')]
        public ?SinkCheckView $sinkCheck,
    ) {
    }
}
