<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\Core\Plate\PlateRole;

/** The plate of a strip as it was drawn. */
final readonly class PlateOfStrip
{
    /**
     * @param int         $drawing number of its drawing within the separation
     * @param string|null $artHex  the colour of the art that it stands for; null for a base of its own
     */
    public function __construct(
        public int $drawing,
        public PlateRole $role,
        public string $hex,
        public ?string $artHex,
        public float $coveragePct,
        public float $areaCm2,
    ) {
    }
}
