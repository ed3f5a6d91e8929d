<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\App\Query\PartsBeside;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Shop\Press\PressKind;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Unit\Beside;

/** A press with its knobs. */
final readonly class PressOnShelf implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param list<Knob> $knobs
     * @param float|null $registerSigmaMm how far its prints scatter; null until measured
     */
    private function __construct(
        public int $id,
        public string $name,
        public PressKind $kind,
        public int $heads,
        public int $platens,
        public bool $collarAtOperator,
        public float $centreFromEndMm,
        public array $knobs,
        public ?float $registerSigmaMm,
        public bool $assumed,
        public int $flashes,
        #[Beside]
        public FlashOfPress $flash,
    ) {
    }

    public static function of(Press $of): self
    {
        return new self(
            $of->idOrFail(),
            $of->name,
            $of->kind,
            $of->heads,
            $of->platens,
            $of->collarAtOperator,
            centreFromEndMm: $of->centreFromEndMm,
            knobs: $of->knobs(),
            registerSigmaMm: $of->registerSigmaMm,
            assumed: $of->assumed,
            flashes: $of->flashes,
            flash: FlashOfPress::of($of->flashUnit()),
        );
    }
}
