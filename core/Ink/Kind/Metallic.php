<?php

declare(strict_types=1);

namespace Ektype\Core\Ink\Kind;

use Ektype\Core\Ink\PigmentMesh;
use Ektype\Core\Plate\Substrate;

/** Metal powder in plastisol; it settles, and tarnishes where it stands. */
final class Metallic extends Plastisol
{
    public function density(): float
    {
        return 1.4;
    }

    public function mesh(): PigmentMesh
    {
        return new PigmentMesh(86, 125, 'metallic ink');
    }

    public function wantsWatching(): bool
    {
        return true;
    }

    public function suits(string $plates, string $bases, Substrate $on): array
    {
        return [$plates.': special inks print last, or the next screen presses them flat.', ...parent::suits($plates, $bases, $on)];
    }
}
