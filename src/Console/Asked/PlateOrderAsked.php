<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Plate\PlateRole;

/** A plate as its order asks for it. */
final readonly class PlateOrderAsked
{
    /**
     * @param array<string, float> $touchesPct  of the picture along the edge that it has with another plate, by its name
     * @param array<string, float> $overlapsPct of the picture where both print
     */
    public function __construct(
        #[Words(60)]
        public string $name,
        #[Hex]
        public string $hex,
        #[Within(0, 100, '%')]
        public float $sharePct,
        public PlateRole $role = PlateRole::Colour,
        #[Within(0, 100, '%')]
        public float $hidingPct = 80.0,
        #[Within(5, 250, 'threads per cm')]
        public ?float $threadsPerCm = null,
        public bool $raised = false,
        public array $touchesPct = [],
        public array $overlapsPct = [],
    ) {
    }
}
