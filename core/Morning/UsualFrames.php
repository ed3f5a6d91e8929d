<?php

declare(strict_types=1);

namespace Ektype\Core\Morning;

use Ektype\Core\Mesh\MeshCatalogue;

/** So many frames of one mesh. */
final readonly class UsualFrames
{
    public bool $dyed;

    public function __construct(public float $threadsPerCm, public float $threadUm, public int $count)
    {
        $this->dyed = MeshCatalogue::isUsuallyDyed($threadsPerCm);
    }
}
