<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\Core\Mesh\Mesh;

/** A mesh as the commands name it. */
final readonly class MeshAsked
{
    public function __construct(
        public float $threadsPerCm,
        public float $threadUm,
        public bool $dyed = false,
        public ?float $openingUm = null,
        public ?float $thicknessUm = null,
    ) {
    }

    public function mesh(): Mesh
    {
        return new Mesh($this->threadsPerCm, $this->threadUm, $this->dyed, $this->openingUm, $this->thicknessUm);
    }
}
