<?php

declare(strict_types=1);

namespace Ektype\App\Shop\OwnMesh;

use Ektype\App\Shop\Shelf;
use Ektype\Core\Mesh\Mesh;

/**
 * The meshes whose data sheets the shop has.
 *
 * @extends Shelf<OwnMesh>
 */
final readonly class OwnMeshes extends Shelf
{
    protected static function kind(): string
    {
        return OwnMesh::class;
    }

    /** The same pair and colour; a pair of the other colour weaves alike. */
    public function sheetOf(Mesh $mesh): ?OwnMesh
    {
        $pair = ['threadsPerCm' => $mesh->threadsPerCm, 'threadUm' => $mesh->threadUm];

        return $this->shelf()->findOneBy([...$pair, 'dyed' => $mesh->dyed]) ?? $this->shelf()->findOneBy($pair);
    }

    public function same(Mesh $mesh): ?OwnMesh
    {
        return $this->shelf()->findOneBy(['threadsPerCm' => $mesh->threadsPerCm, 'threadUm' => $mesh->threadUm, 'dyed' => $mesh->dyed]);
    }

    /** The mesh as the shop's data sheet has it, where there is one. */
    public function bySheet(Mesh $mesh): Mesh
    {
        $own = $this->sheetOf($mesh);

        return $own === null ? $mesh : new Mesh($mesh->threadsPerCm, $mesh->threadUm, $mesh->dyed, $own->openingUm, $own->thicknessUm);
    }
}
