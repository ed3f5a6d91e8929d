<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

/** All shelves of the shop. */
final readonly class ShopShelves
{
    /**
     * @param list<InkOnShelf>      $inks
     * @param list<FrameOnShelf>    $frames
     * @param list<LampOnShelf>     $lamps
     * @param list<EmulsionOnShelf> $emulsions
     * @param list<PressOnShelf>    $presses
     * @param list<StepTestOnShelf> $tests        latest first
     * @param list<PrinterOnShelf>  $filmPrinters
     * @param list<MeshInCatalogue> $meshes       coarse to fine
     * @param string                $address      where other devices find the shop; empty where they do not
     */
    public function __construct(
        public array $inks,
        public array $frames,
        public array $lamps,
        public array $emulsions,
        public array $presses,
        public array $tests,
        public array $filmPrinters,
        public array $meshes,
        public string $address,
    ) {
    }
}
