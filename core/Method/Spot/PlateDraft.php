<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\PlateToOrder;
use Ektype\Core\Raster\BitPlane;

/** A plate on its way: what the art has of a colour, and what was decided about it. */
final readonly class PlateDraft
{
    public Lab $lab;
    /** Of the whole print, 0–1. */
    public float $share;

    /**
     * @param Srgb     $colour what it prints
     * @param Srgb     $art    the art's colour
     * @param BitPlane $alone  as the art has it
     * @param int      $leader its colour in the palette; -1 for a base of its own
     */
    public function __construct(
        public PlateRole $role,
        public Srgb $colour,
        public Srgb $art,
        public BitPlane $alone,
        public string $name,
        public string $ink = '',
        public bool $overprints = false,
        public bool $onBase = false,
        public int $leader = -1,
    ) {
        $this->lab = Lab::of($colour);
        $this->share = $alone->count() / ($alone->width * $alone->height);
    }

    public function forOrder(): PlateToOrder
    {
        return new PlateToOrder($this->role, $this->lab, $this->share);
    }

    public function called(string $name): self
    {
        return new self(
            $this->role,
            $this->colour,
            $this->art,
            $this->alone,
            $name,
            $this->ink,
            overprints: $this->overprints,
            onBase: $this->onBase,
            leader: $this->leader,
        );
    }

    public function thatOverprints(bool $overprints): self
    {
        return new self(
            $this->role,
            $this->colour,
            $this->art,
            $this->alone,
            $this->name,
            $this->ink,
            overprints: $overprints,
            onBase: $this->onBase,
            leader: $this->leader,
        );
    }

    public function asBase(): self
    {
        return new self(
            PlateRole::Base,
            $this->colour,
            $this->art,
            $this->alone,
            $this->name,
            $this->ink,
            overprints: $this->overprints,
            onBase: $this->onBase,
            leader: $this->leader,
        );
    }
}
