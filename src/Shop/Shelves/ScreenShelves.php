<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Shelves;

use Ektype\App\Shop\Frame\Frames;
use Ektype\App\Shop\FrameLine\FrameLines;
use Ektype\App\Shop\OwnMesh\OwnMeshes;
use Ektype\App\Shop\Stencil\Recipes;
use Ektype\App\Shop\Stencil\Stencils;
use Ektype\App\Shop\TensionReading\TensionReadings;

/** Frames, the stencils on them, what was written down of them, and the meshes that the shop stretches. */
final readonly class ScreenShelves
{
    public function __construct(
        public Frames $frames,
        public FrameLines $frameLines,
        public Stencils $stencils,
        public Recipes $recipes,
        public TensionReadings $tensions,
        public OwnMeshes $ownMeshes,
    ) {
    }
}
