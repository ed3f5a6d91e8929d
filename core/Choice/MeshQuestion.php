<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Strokes;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Plate\Tones;

/** What a plate asks of its mesh. */
final readonly class MeshQuestion
{
    /**
     * @param float|null  $finestLineMm thinnest printed line; null where all lines are bold
     * @param float|null  $lpi          halftone ruling in lines per inch; null for solid plates
     * @param float|null  $finestGapMm  thinnest gap between printed parts; null where all gaps are wide
     * @param Tones|null  $tones        null where it has none, or nobody told
     * @param float|null  $depositUm    wet ink wanted, µm; null leaves it to the usual range
     * @param float|null  $angleDeg     of its dots against the mesh; null where it has none
     * @param Laying|null $laying       decided for it; null goes by the cloth
     * @param float       $divisor      school: lines per inch times this is the coarsest mesh per inch
     */
    public function __construct(
        public PlateRole $role,
        public Substrate $substrate,
        public InkKind $ink,
        public ?float $finestLineMm,
        public ?float $lpi,
        public Lab $garment,
        public ?float $finestGapMm = null,
        public ?Tones $tones = null,
        public ?float $depositUm = null,
        public float $divisor = RulingSchool::USUAL,
        private ?Laying $laying = null,
        public ?float $angleDeg = null,
    ) {
    }

    public function laying(): Laying
    {
        return $this->laying ?? Strokes::of($this->role, $this->garment, $this->substrate)->laying;
    }
}
