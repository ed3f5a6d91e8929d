<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Plate;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Separation\PlateRole;

/** One colour of a job, at its place in the print order. */
#[ORM\Entity]
class Plate
{
    /** What is done before the light, in this order. */
    public const BEFORE_LIGHT = ['film placed', 'glass clean', 'screen looked through', 'film dry', 'film taped'];

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    #[ORM\ManyToOne(inversedBy: 'plates')]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    public Job $job;

    #[ORM\Column]
    public int $position;

    /** Number of its drawing within the separation; stays when the order changes. */
    #[ORM\Column]
    public int $drawing;

    #[ORM\Column(length: 80)]
    public string $name;

    #[ORM\Column(length: 12)]
    public string $role;

    #[ORM\Column(length: 7)]
    public string $hex;

    #[ORM\Column]
    public float $coveragePct;

    #[ORM\Column]
    public float $areaCm2;

    /** The art's colour that it stands for; null for a base that is no colour of the art. */
    #[ORM\Column(length: 7, nullable: true)]
    public ?string $artHex = null;

    /** What the art has of it, before its trap. */
    #[ORM\Column(options: ['default' => 0])]
    public float $artAreaCm2 = 0;

    #[ORM\Column(options: ['default' => false])]
    public bool $overprints = false;

    #[ORM\Column(nullable: true)]
    public ?float $finestLineMm = null;

    #[ORM\Column(nullable: true)]
    public ?float $finestGapMm = null;

    /** @var list<array{float, float, float, float}> thin lines, thinnest first: x, y, width, length in mm */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $thinLines = [];

    /** @var list<array{float, float, float, float}> thin gaps, the same way */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $thinGaps = [];

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true)]
    public ?Ink $ink = null;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true)]
    public ?Frame $frame = null;

    /** Emulsion over mesh as gauged, µm; null until measured. */
    #[ORM\Column(nullable: true)]
    public ?float $gaugedEomUm = null;

    /** Seconds that the screen was burned for; null until burned. */
    #[ORM\Column(nullable: true)]
    public ?float $burnedSeconds = null;

    /** Ruling of its halftone, lines per inch; null for a solid plate. */
    #[ORM\Column(nullable: true)]
    public ?float $lpi = null;

    /** Angle of its halftone, degrees. */
    #[ORM\Column(nullable: true)]
    public ?float $angleDeg = null;

    /** @var array{float, float}|null lightest and darkest tone of its halftone, 0–1; null where nobody told */
    #[ORM\Column(nullable: true)]
    public ?array $tones = null;

    /** Wet ink wanted, µm; null leaves it to the usual meshes. */
    #[ORM\Column(nullable: true)]
    public ?float $depositUm = null;

    /** @var list<string> what was done before the light */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $beforeLight = [];

    /** @var array{scum: bool, pinholes: bool, lostDots: bool, closedLines: bool, blur: bool}|null what was seen at the sink */
    #[ORM\Column(nullable: true)]
    public ?array $sinkCheck = null;

    /** @var list<list<array{mark: string, at_mm: array{float, float}, off_mm: array{float, float}}>> prints of readings */
    #[ORM\Column]
    public array $readings = [];

    public function __construct(Job $job, int $position, int $drawing, string $name, PlateRole $role, string $hex)
    {
        $this->job = $job;
        $this->position = $position;
        $this->drawing = $drawing;
        $this->name = $name;
        $this->role = $role->value;
        $this->hex = $hex;
        $this->coveragePct = 0;
        $this->areaCm2 = 0;
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The plate is not stored yet.');
    }

    public function role(): PlateRole
    {
        return PlateRole::from($this->role);
    }
}
