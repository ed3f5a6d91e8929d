<?php

declare(strict_types=1);

namespace Ektype\App\Action\Shelves;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\OwnMesh\OwnMesh;
use Ektype\Core\Mesh\Mesh;

/** Puts a mesh with its data sheet into the catalogue, or corrects its sheet; frames that carry it follow. */
final readonly class PutMesh implements Change
{
    /** @param int|null $id null for a new one */
    public function __construct(
        private ?int $id,
        private float $threadsPerCm,
        private float $threadUm,
        private bool $dyed,
        private ?float $openingUm,
        private ?float $thicknessUm,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $mesh = new Mesh($this->threadsPerCm, $this->threadUm, $this->dyed, $this->openingUm, $this->thicknessUm);
        $own = $this->id === null ? new OwnMesh(
            $this->threadsPerCm,
            $this->threadUm,
            $this->dyed,
            $this->openingUm,
            $this->thicknessUm,
        ) : $shop->screens->ownMeshes->get($this->id);
        $same = $shop->screens->ownMeshes->same($mesh);
        if ($same !== null && $same !== $own) {
            throw Refused::at(
                'threads',
                \sprintf(
                    '%s %s is in the catalogue already. Take that one off first, or correct it.',
                    $mesh->name,
                    $mesh->dyed ? 'yellow' : 'white',
                ),
            );
        }
        $before = $own->mesh();
        foreach ($this->id === null ? [] : $shop->screens->frames->carrying($before) as $frame) {
            $frame->sheetOpeningUm = $frame->sheetThicknessUm = null;
        }
        [
            $own->threadsPerCm,
            $own->threadUm,
            $own->dyed,
            $own->openingUm,
            $own->thicknessUm,
        ] = [$this->threadsPerCm, $this->threadUm, $this->dyed, $this->openingUm, $this->thicknessUm];
        foreach ($shop->screens->frames->carrying($mesh) as $frame) {
            [$frame->sheetOpeningUm, $frame->sheetThicknessUm] = [$this->openingUm, $this->thicknessUm];
        }
        $shop->screens->ownMeshes->add($own);

        return 'Mesh '.$mesh->name;
    }
}
