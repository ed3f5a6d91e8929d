<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Action\Shelves\PutMesh;

/** A mesh with what its data sheet says; without it the formula stands. */
final readonly class MeshEntry implements Entry
{
    public function __construct(
        public float $threadsPerCm,
        public float $threadUm,
        public bool $dyed = false,
        public ?float $openingUm = null,
        public ?float $thicknessUm = null,
    ) {
    }

    public function change(?int $id): PutMesh
    {
        return new PutMesh($id, $this->threadsPerCm, $this->threadUm, $this->dyed, $this->openingUm, $this->thicknessUm);
    }
}
