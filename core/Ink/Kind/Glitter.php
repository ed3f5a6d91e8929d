<?php

declare(strict_types=1);

namespace Ektype\Core\Ink\Kind;

use Ektype\Core\Ink\PigmentMesh;
use Ektype\Core\Plate\Substrate;

/** Flakes in plastisol. */
final class Glitter extends Plastisol
{
    public function density(): float
    {
        return 1.3;
    }

    public function mesh(): PigmentMesh
    {
        return new PigmentMesh(25, 61, 'glitter, whose flakes need openings three times their size');
    }

    public function suits(string $plates, string $bases, Substrate $on): array
    {
        return [$plates.': special inks print last, or the next screen presses them flat.', ...parent::suits($plates, $bases, $on)];
    }
}
