<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\Core\Mesh\Mesh;

/** A mesh of the catalogue: one that is commonly woven, or the shop’s own with its data sheet. */
final readonly class MeshInCatalogue
{
    /**
     * @param int|null $id     null for a typical mesh
     * @param int      $inRack frames that carry it
     */
    public function __construct(public ?int $id, public Mesh $mesh, public int $inRack)
    {
    }
}
