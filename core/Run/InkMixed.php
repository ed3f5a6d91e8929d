<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** Ink of an edition as it is mixed: by weight, retarder apart. */
final readonly class InkMixed
{
    public function __construct(public int $plate, public string $name, public float $inkG, public float $retarderG)
    {
    }
}
