<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Mesh\Mesh;

/** A mesh with its place in the ranking: lower cost is better, 0 is the middle of the usual range. */
final readonly class RankedMesh
{
    public function __construct(public Mesh $mesh, public float $cost, public bool $holds, public string $why)
    {
    }
}
