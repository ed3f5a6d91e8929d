<?php

declare(strict_types=1);

namespace Ektype\Core\Ink\Kind;

use Ektype\Core\Ink\PigmentMesh;
use Ektype\Core\Plate\Substrate;

/** Plastisol that rises in the dryer. */
final class Puff extends Plastisol
{
    public function density(): float
    {
        return 1.15;
    }

    public function mesh(): PigmentMesh
    {
        return new PigmentMesh(61, 110, 'puff and the base under it');
    }

    public function isRaised(): bool
    {
        return true;
    }

    public function suits(string $plates, string $bases, Substrate $on): array
    {
        return [$plates.': special inks print last, or the next screen presses them flat.', ...parent::suits($plates, $bases, $on)];
    }
}
