<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Unit\Beside;
use Ektype\Core\Unit\Figure;

/** The screen of a plate: its mesh, its frame, and the coating on it. */
final readonly class ScreenOfPlate implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param Mesh   $meshGeometry the mesh that it stands on, or the best for it
     * @param string $price        what the print pays on that mesh, and what to stretch where it is too much
     */
    public function __construct(
        public int $id,
        public Figure $mesh,
        #[Beside]
        public StencilOfScreen $stencilOf,
        public Mesh $meshGeometry,
        #[Beside]
        public FrameOfScreen $frame,
        #[Beside]
        public DetailOfScreen $detail,
        public ?float $depositUm,
        public string $price,
    ) {
    }
}
