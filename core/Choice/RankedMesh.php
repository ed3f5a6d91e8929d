<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Mesh\Mesh;

/** A mesh with its place in the ranking: lower cost is better, 0 is the middle of the usual range. */
final readonly class RankedMesh
{
    /** @param list<string> $inPrint what the print loses on it, in plain words; empty where it loses nothing */
    public function __construct(
        public Mesh $mesh,
        public float $cost,
        public bool $holds,
        public string $why,
        public array $inPrint = [],
    ) {
    }

    /** What the print pays for it, as a sentence; empty where it pays nothing. */
    public function price(): string
    {
        return $this->inPrint === [] ? '' : \sprintf('In the print it costs: %s.', implode('; ', $this->inPrint));
    }
}
