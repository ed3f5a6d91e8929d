<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Emulsion\Emulsions;
use Ektype\App\Shop\FilmPrinter\FilmPrinters;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Lamp\Lamps;
use Ektype\App\Shop\OwnMesh\OwnMesh;
use Ektype\App\Shop\Press\Presses;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** What stands on the shop’s shelves. */
final readonly class SeeShelves
{
    public function __construct(
        private Moment $moment,
        private Lamps $lamps,
        private Emulsions $emulsions,
        private Presses $presses,
        private FilmPrinters $printers,
        #[Autowire('%env(EKTYPE_ADDRESS)%')]
        private string $address,
    ) {
    }

    public function all(): ShopShelves
    {
        return $this->moment->see(fn (Snapshot $shop): ShopShelves => $this->shelves($shop));
    }

    private function shelves(Snapshot $shop): ShopShelves
    {
        $inks = $shop->inks();
        usort($inks, static fn ($left, $right): int => $left->name <=> $right->name);

        return new ShopShelves(
            array_map(InkOnShelf::of(...), $inks),
            array_map(FrameOnShelf::of(...), $shop->shelves->screens->frames->byMesh()),
            array_map(LampOnShelf::of(...), $this->lamps->all()),
            array_map(static fn (Emulsion $e): EmulsionOnShelf => EmulsionOnShelf::of($e, $shop->now), $this->emulsions->all()),
            array_map(PressOnShelf::of(...), $this->presses->all()),
            array_map(StepTestOnShelf::of(...), $shop->shelves->light->stepTests->latestFirst()),
            filmPrinters: array_map(PrinterOnShelf::of(...), $this->printers->all()),
            meshes: self::catalogue($shop->shelves->screens->ownMeshes->all(), $shop->frames()),
            address: $this->address,
        );
    }

    /**
     * @param list<OwnMesh> $own
     * @param list<Frame>   $frames
     *
     * @return list<MeshInCatalogue> coarse to fine
     */
    private static function catalogue(array $own, array $frames): array
    {
        $inRack = static fn (Mesh $m): int => \count(array_filter($frames, static fn (Frame $f): bool => $f->carries($m)));
        $rows = [];
        foreach ($own as $one) {
            $mesh = $one->mesh();
            $rows[$mesh->name.$mesh->dyed] = new MeshInCatalogue($one->idOrFail(), $mesh, $inRack($mesh));
        }
        foreach (MeshCatalogue::typical() as $mesh) {
            $rows[$mesh->name.$mesh->dyed] ??= new MeshInCatalogue(null, $mesh, $inRack($mesh));
        }
        usort(
            $rows,
            static fn (MeshInCatalogue $a, MeshInCatalogue $b): int => [
                $a->mesh->threadsPerCm,
                $a->mesh->threadUm,
            ] <=> [$b->mesh->threadsPerCm, $b->mesh->threadUm],
        );

        return $rows;
    }
}
