<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Strokes;
use Ektype\Core\Plate\Substrate;

/** What the plates are for: the size of the print, the garment, the films, the press, and the inks of the shelf that were named. */
final readonly class PrintWanted
{
    /** Plates that are only looked at are so long at the most, pixels: twice what a picture of a print on a screen has. */
    private const SCREEN_PIXELS = 1800;

    /**
     * @param float                $dpi       film pixels per inch
     * @param float|null           $sigmaMm   how far the press’s prints scatter; null where nobody measured it
     * @param array<int, GivenInk> $shelf     by the number that a plan names them with
     * @param float                $sinks     how much of its hiding an ink loses straight on the substrate, 0–1
     * @param ToneCurve|null       $curve     of a film with dots, against the gain of the press
     * @param Substrate            $substrate that it is printed on
     * @param bool                 $onlyShelf whether flat colours print in the nearest inks of the shelf and no others
     * @param Mesh                 $mesh      that its base prints through; 230 per inch under dots until it is known (trade default)
     */
    public function __construct(
        public float $widthMm,
        public Srgb $garment,
        public float $dpi,
        public ?float $sigmaMm,
        public array $shelf = [],
        public float $sinks = 0.0,
        public ?ToneCurve $curve = null,
        public Substrate $substrate = Substrate::Cotton,
        public Mesh $mesh = new Mesh(90.0, 48.0),
        public bool $onlyShelf = false,
    ) {
    }

    /** The same print on another garment. */
    public function on(Srgb $garment): self
    {
        return new self($this->widthMm, $garment, $this->dpi, $this->sigmaMm, $this->shelf, $this->sinks, curve: $this->curve, substrate: $this->substrate, mesh: $this->mesh, onlyShelf: $this->onlyShelf);
    }

    /** The same print in other pixels. */
    public function at(float $dpi): self
    {
        return new self($this->widthMm, $this->garment, $dpi, $this->sigmaMm, $this->shelf, $this->sinks, curve: $this->curve, substrate: $this->substrate, mesh: $this->mesh, onlyShelf: $this->onlyShelf);
    }

    /** The same print with nothing known of the dots of the press, and no ink that sinks in. */
    public function bare(float $dpi): self
    {
        return new self($this->widthMm, $this->garment, $dpi, $this->sigmaMm, $this->shelf, substrate: $this->substrate, mesh: $this->mesh, onlyShelf: $this->onlyShelf);
    }

    /** Of the base under its inks. */
    public function baseStrokes(): Strokes
    {
        return Strokes::of(PlateRole::Base, Lab::of($this->garment), $this->substrate);
    }

    /** @return list<GivenInk> inks of the shelf that hide what lies below */
    public function opaque(): array
    {
        return array_values(array_filter($this->shelf, static fn (GivenInk $ink): bool => !$ink->transparent));
    }

    /** The same print in plates for the screen and not for films. */
    public function onScreen(float $heightMm): self
    {
        return $this->at(min($this->dpi, self::SCREEN_PIXELS * 25.4 / max($this->widthMm, $heightMm)));
    }
}
