<?php

declare(strict_types=1);

namespace Ektype\Core\Index;

use Ektype\Core\Mesh\Mesh;

/** The finest squares that a mesh holds: one of them must span two threads and an opening, as the smallest island of stencil does. */
final readonly class HeldSquares
{
    /** Usual squares an inch (trade). */
    public const COARSEST = 80.0;
    public const USUAL_FROM = 160.0;
    public const USUAL_TO = 220.0;

    /** @param float $dpi squares an inch */
    private function __construct(public float $dpi)
    {
    }

    public static function on(Mesh $mesh): self
    {
        return new self(25_400 / (2 * $mesh->threadUm + $mesh->openingUm));
    }
}
