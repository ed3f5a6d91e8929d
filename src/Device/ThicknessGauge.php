<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Ektype\App\Shop\Stencil\Stencil;

/** A gauge that is laid on a dry stencil, zeroed on its mesh. */
interface ThicknessGauge
{
    /** As it is called on screen; a stand-in says that it is simulated. */
    public function name(): string;

    /** @return float emulsion over mesh, µm */
    public function read(Stencil $stencil): float;
}
