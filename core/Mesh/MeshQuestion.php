<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Separation\PlateRole;

/** What a plate asks of its mesh. */
final readonly class MeshQuestion
{
    /**
     * @param string     $substrate    one of {@see MeshSuggestion::SUBSTRATES}
     * @param string     $ink          one of {@see MeshSuggestion::INKS}
     * @param float|null $finestLineMm thinnest printed line; null where all lines are bold
     * @param float|null $lpi          halftone ruling in lines per inch; null for solid plates
     */
    public function __construct(
        public PlateRole $role,
        public string $substrate,
        public string $ink,
        public ?float $finestLineMm,
        public ?float $lpi,
        public Lab $garment,
    ) {
    }
}
