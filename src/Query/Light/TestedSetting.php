<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

/** The setting that is tested. */
final readonly class TestedSetting
{
    /**
     * @param string $frame one of the rack that has this mesh and is free; empty where none is
     */
    public function __construct(
        public int $lampId,
        public string $lamp,
        public int $emulsionId,
        public string $emulsion,
        public float $thicknessUm,
        public bool $dyed,
        public string $mesh,
        public string $frame,
    ) {
    }
}
