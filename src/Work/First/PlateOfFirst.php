<?php

declare(strict_types=1);

namespace Ektype\App\Work\First;

use Ektype\Core\Plate\PlateRole;

/** A plate of the first pull, and the ink that it is shown in. */
final readonly class PlateOfFirst
{
    /** @param float $coveragePct of the print, reckoned from the screen’s pixels */
    public function __construct(public string $name, public PlateRole $role, public string $inkHex, public float $coveragePct)
    {
    }
}
