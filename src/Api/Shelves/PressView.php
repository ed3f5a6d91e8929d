<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Shop\Press\Press;
use OpenApi\Attributes as OA;

/** A press with its knobs. */
#[OA\Schema]
final readonly class PressView
{
    /** @param list<KnobView> $knobs */
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public int $heads,
        #[OA\Property]
        public int $platens,
        #[OA\Property]
        public bool $collarAtOperator,
        #[OA\Property]
        public float $centreFromEndMm,
        #[OA\Property(type: 'array', items: new OA\Items(ref: KnobView::class))]
        public array $knobs,
        #[OA\Property(description: 'How far its prints scatter, mm; null until measured')]
        public ?float $registerSigmaMm,
    ) {
    }

    public static function of(Press $of): self
    {
        return new self((int) $of->id, $of->name, $of->kind, $of->heads, $of->platens, $of->collarAtOperator, $of->centreFromEndMm, array_map(
            static fn (array $k): KnobView => new KnobView($k['name'], $k['at_mm'][0], $k['at_mm'][1], $k['pushes'][0], $k['pushes'][1], $k['mm_per_turn']),
            $of->knobs,
        ), $of->registerSigmaMm);
    }
}
