<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Index;

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

    /**
     * Squares as fine as are usual, or as the finest mesh of the rack holds, an inch.
     *
     * @param list<Mesh> $rack
     */
    public static function fitting(array $rack): float
    {
        $held = array_map(static fn (Mesh $mesh): float => self::on($mesh)->dpi, $rack);

        return $held === [] ? IndexPlan::USUAL_DPI : max(self::COARSEST, min(IndexPlan::USUAL_DPI, floor(max($held) / 10) * 10));
    }
}
