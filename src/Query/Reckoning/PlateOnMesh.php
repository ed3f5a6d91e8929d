<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Mesh\Mesh;

/** A plate on a mesh: the one that it stands on, or another that it might. */
final readonly class PlateOnMesh
{
    public function __construct(public Plate $plate, public Mesh $mesh)
    {
    }
}
