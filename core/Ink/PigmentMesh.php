<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

/** Mesh that a pigment wants, threads per inch. */
final readonly class PigmentMesh
{
    public function __construct(public float $from, public float $to, public string $says)
    {
    }
}
