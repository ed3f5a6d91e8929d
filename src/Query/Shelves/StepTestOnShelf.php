<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\App\Shop\StepTest\StepTest;

/** A step test with its reading. */
final readonly class StepTestOnShelf
{
    private function __construct(
        public int $id,
        public string $lamp,
        public string $emulsion,
        public string $doneOn,
        public float $thicknessUm,
        public bool $dyed,
        public float $lampHours,
        public ?float $lowS,
        public ?float $bestS,
        public ?float $highS,
        public string $remark,
        public bool $setAside,
    ) {
    }

    public static function of(StepTest $of): self
    {
        return new self(
            $of->idOrFail(),
            $of->lamp->name,
            $of->emulsion->name,
            $of->doneOn,
            $of->thicknessUm,
            $of->dyed,
            lampHours: $of->lampHours,
            lowS: $of->lowS,
            bestS: $of->bestS,
            highS: $of->highS,
            remark: $of->remark,
            setAside: $of->setAside,
        );
    }
}
