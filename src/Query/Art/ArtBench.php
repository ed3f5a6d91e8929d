<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\App\Query\PartsBeside;
use Ektype\App\Query\Pictures\InkedPart;
use Ektype\Core\Separation\Positive;
use Ektype\Core\Unit\Beside;
use Ektype\Core\Unit\Figure;

/** The picture as it was brought, what was found in it, and what was decided. */
final readonly class ArtBench implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param list<Positive> $positives   plates drawn by hand
     * @param string         $filmMind    why films of this size cannot be made, and the largest that can; empty where they can
     * @param string         $patternsSay of dots with the meshes of the plates; empty where there are none yet
     * @param InkedPart|null $inked       the part of the print that carries ink; null where its plates are not drawn
     */
    public function __construct(
        #[Beside]
        public ArtBrought $art,
        public Figure $trap,
        #[Beside]
        public ArtFound $found,
        public array $positives,
        #[Beside]
        public WayOfSeparating $way,
        public ?InkedPart $inked,
        public string $filmMind,
        public string $patternsSay,
    ) {
    }
}
