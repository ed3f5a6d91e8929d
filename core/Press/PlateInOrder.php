<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Plate\PlateRole;

/** What the search for an order asks of a plate. */
final readonly class PlateInOrder
{
    /**
     * @param float             $share        of the picture, 0–1
     * @param float             $hiding       of its ink, 0–1
     * @param float|null        $threadsPerCm of its mesh; null counts as fine
     * @param bool              $raised       puff and the like: it prints last
     * @param array<int, float> $touches      of the picture, along the edge that it has with each other plate, by its index
     * @param array<int, float> $overlaps     of the picture, where both print
     * @param bool              $transparent  it tints what lies below, by design
     */
    public function __construct(
        public string $name,
        public PlateRole $role,
        public Lab $lab,
        public float $share,
        public float $hiding,
        public ?float $threadsPerCm,
        public bool $raised,
        public array $touches,
        public array $overlaps,
        public bool $transparent = false,
    ) {
    }
}
