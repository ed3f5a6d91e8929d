<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\Core\Halftone\PatchReading;

/** A patch: its tone on film, and either how much was printed or its density. */
final readonly class PatchAsked
{
    public function __construct(
        #[Within(0, 100, '%')]
        public float $tone,
        public ?float $printed = null,
        public ?float $density = null,
    ) {
    }

    public function reading(): PatchReading
    {
        return new PatchReading($this->tone / 100, $this->printed === null ? null : $this->printed / 100, $this->density);
    }
}
