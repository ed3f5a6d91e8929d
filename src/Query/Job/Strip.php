<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\Core\Plate\PlateRole;

/** A strip of the stack: one plate with what it needs at a glance. */
final readonly class Strip
{
    /**
     * @param int         $drawing       number of its drawing within the separation
     * @param string|null $artHex        the colour of the art that it stands for; null for a base of its own
     * @param float|null  $burnedSeconds null until its screen was burned
     */
    public function __construct(
        public int $id,
        public int $position,
        public int $drawing,
        public string $name,
        public PlateRole $role,
        public string $hex,
        public ?string $artHex,
        public ?int $inkId,
        public string $inkName,
        public string $inkHex,
        public float $coveragePct,
        public float $areaCm2,
        public string $orderReason,
        public bool $flashAfter,
        public string $flashReason,
        public ?int $frameId,
        public string $frameLabel,
        public ?float $burnedSeconds,
        public Readout $mesh,
        public Readout $stencil,
        public Readout $light,
        public Readout $offContact,
        public Stages $stages,
        public string $mind,
    ) {
    }
}
