<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\Core\Mesh\Mesh;

/** How its mesh has fared. */
final readonly class WearOfFrame
{
    /**
     * @param int $uses stencils that this mesh has carried
     */
    public function __construct(
        public float $tensionNPerCm,
        public float $meshAngleDeg,
        public ?string $stretchedOn,
        public int $uses,
        public bool $stained,
        public bool $locked,
    ) {
    }
}
