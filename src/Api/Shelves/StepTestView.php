<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Shop\StepTest\StepTest;
use OpenApi\Attributes as OA;

/** A step test with its reading. */
#[OA\Schema]
final readonly class StepTestView
{
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $lamp,
        #[OA\Property]
        public string $emulsion,
        #[OA\Property]
        public string $doneOn,
        #[OA\Property]
        public float $thicknessUm,
        #[OA\Property]
        public bool $dyed,
        #[OA\Property]
        public float $lampHours,
        #[OA\Property]
        public ?float $lowS,
        #[OA\Property]
        public ?float $bestS,
        #[OA\Property]
        public ?float $highS,
        #[OA\Property]
        public string $remark,
    ) {
    }

    public static function of(StepTest $of): self
    {
        return new self((int) $of->id, $of->lamp->name, $of->emulsion->name, $of->doneOn, $of->thicknessUm, $of->dyed, $of->lampHours, $of->lowS, $of->bestS, $of->highS, $of->remark);
    }
}
