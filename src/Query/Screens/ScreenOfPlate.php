<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

use Ektype\App\Query\Reckoning\Coat;
use Ektype\App\Query\Reckoning\StencilNow;
use Ektype\Core\Choice\RankedMesh;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Press\FilmPlacement;
use Ektype\Core\Screen\FrameState;
use Ektype\Core\Unit\Figure;

/** The screen of a plate: its mesh, its frame, and the coating on it. */
final readonly class ScreenOfPlate
{
    /**
     * @param Mesh               $meshGeometry the mesh that it stands on, or the best for it
     * @param list<RankedMesh>   $meshes       best first
     * @param FilmPlacement|null $placement    null without a frame
     * @param list<string>       $frameFirst   what must be done to its frame before it can be burned
     * @param StencilNow|null    $stencilNow   what is on its frame
     * @param string             $price        what the print pays on that mesh, and what to stretch where it is too much
     */
    public function __construct(
        public int $id,
        public Figure $mesh,
        public Figure $stencil,
        public Mesh $meshGeometry,
        public array $meshes,
        public ?FilmPlacement $placement,
        public ?FrameState $frameState,
        public array $frameFirst,
        public Coat $coat,
        public ?StencilNow $stencilNow,
        public ?float $gaugedEomUm,
        public ?float $finestLineMm,
        public ?float $finestGapMm,
        public ?float $lpi,
        public ?float $angleDeg,
        public ?Tones $tones,
        public ?float $depositUm,
        public string $price,
    ) {
    }
}
