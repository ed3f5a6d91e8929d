<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Plate;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Plan\Codec;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Job\KeptPlaces;
use Ektype\App\Shop\Kept;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Method\Layers\LayersPlan;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Print\ByHand;
use Ektype\Core\Print\PrintLaw;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\RigidMove;
use Ektype\Core\Separation\DotsOfPlate;
use Ektype\Core\Separation\LaidInk;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\PlateArea;
use Ektype\Core\Separation\Positive;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Separation\StrokeWidths;
use Ektype\Core\Separation\ThinPlace;

/** One colour of a job, at its place in the print order. What its screen is, the stencil on its frame knows. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'one_plate_a_frame', columns: ['frame_id'])]
class Plate
{
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
    public PlateRole $role;

    #[ORM\Column(length: 7)]
    public string $hex;

    #[ORM\Column]
    public float $coveragePct = 0.0;

    #[ORM\Column]
    public float $areaCm2 = 0.0;

    /** The art's colour that it stands for; null for a base that is no colour of the art. */
    #[ORM\Column(length: 7, nullable: true)]
    public ?string $artHex = null;

    /** What the art has of it, before its trap. */
    #[ORM\Column(options: ['default' => 0])]
    public float $artAreaCm2 = 0.0;

    #[ORM\Column(options: ['default' => false])]
    public bool $overprints = false;

    #[ORM\Column(nullable: true)]
    public ?float $finestLineMm = null;

    #[ORM\Column(nullable: true)]
    public ?float $finestGapMm = null;

    /** @var array<mixed> thin lines, thinnest first */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $thinLines = [];

    /** @var array<mixed> thin gaps, the same way */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $thinGaps = [];

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true)]
    public ?Ink $ink = null;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true)]
    public ?Frame $frame = null;

    /** Ruling of its halftone, lines per inch; null for a solid plate. */
    #[ORM\Column(nullable: true)]
    public ?float $lpi = null;

    /** Angle of its halftone, degrees. */
    #[ORM\Column(nullable: true)]
    public ?float $angleDeg = null;

    /** Shape of its dots; null for a solid plate, or one that is none of a picture in tones. */
    #[ORM\Column(length: 12, nullable: true)]
    public ?Dot $dot = null;
    /** That its dots were reckoned for. */
    #[ORM\Column(length: 24, options: ['default' => Laying::Once->value])]
    public Laying $laying = Laying::Once;
    /** @var array<string, mixed> what a hand decided of its print */
    #[ORM\Column(options: ['default' => '{}'])]
    private array $byHand = [];
    /** @var array{float, float}|null */
    #[ORM\Column(nullable: true)]
    private ?array $tones = null;

    /** Wet ink wanted, µm; null leaves it to the usual meshes. */
    #[ORM\Column(nullable: true)]
    public ?float $depositUm = null;

    /** @var list<string> what was done before the light */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $beforeLight = [];

    /** @var array<mixed> prints of readings */
    #[ORM\Column]
    private array $readings = [];

    /** @var list<int|null> platen of each print that was read; null where nobody noted it */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $readPlatens = [];

    /** Tells its picture from any other; null where it was drawn by a version that did not note it. */
    #[ORM\Column(length: 40, nullable: true)]
    public ?string $picture = null;

    /** The picture that was read at the marks. */
    #[ORM\Column(length: 40, nullable: true)]
    private ?string $readOf = null;

    /** @var array<mixed>|null how it lies on the press of the stand-in: mm right, mm away, radians, the last correction before, its picture */
    #[ORM\Column(nullable: true)]
    private ?array $onStandIn = null;

    public function __construct(Job $job, int $position, int $drawing, string $name, PlateRole $role, string $hex)
    {
        $this->job = $job;
        $this->position = $position;
        $this->drawing = $drawing;
        $this->name = $name;
        $this->role = $role;
        $this->hex = $hex;
    }

    /** The same plate of a job that prints it again: its picture and what was chosen for it, not its screen or its readings. */
    public function forJob(Job $job): self
    {
        $same = clone $this;
        $same->id = null;
        $same->job = $job;
        $same->frame = null;
        $same->beforeLight = $same->readings = $same->readPlatens = [];
        $same->readOf = $same->onStandIn = null;

        return $same;
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The plate is not stored yet.');
    }

    /** Whether its name is that of its ink or its colour, and nobody gave it one of its own. */
    public function isCalledByItsInk(): bool
    {
        return PlateName::isPlain($this->name, Srgb::fromHex($this->hex), $this->role, $this->ink?->name);
    }

    /** A white base that is no colour of the art. */
    public function isWhiteBase(): bool
    {
        return $this->role === PlateRole::Base && $this->artHex === null;
    }

    /** Its ink’s colour, else its own. */
    public function printedIn(): Srgb
    {
        return Srgb::fromHex($this->ink->hex ?? $this->hex);
    }

    public function byHand(): ByHand
    {
        return Codec::read(ByHand::class, $this->byHand);
    }

    public function decide(ByHand $byHand): void
    {
        $this->byHand = array_filter(Codec::written($byHand), static fn (mixed $one): bool => $one !== null);
    }

    /** The strokes that its dots were reckoned for; null where it was drawn without. */
    public function solvedFor(): ?Laying
    {
        return $this->job->printsTones() ? $this->laying : null;
    }

    /** How often its ink is laid down. */
    public function laid(): Laying
    {
        return PrintLaw::laying($this->role, $this->job->clothToPrint(), $this->solvedFor(), $this->byHand()->laying);
    }

    /** As it was separated, with the names that it has now. */
    public function separated(BitPlane $plane): SeparatedPlate
    {
        $range = $this->tones();

        return new SeparatedPlate(
            $this->name,
            $this->role,
            Srgb::fromHex($this->hex),
            $this->artHex === null ? null : Srgb::fromHex($this->artHex),
            $plane,
            new PlateArea($this->areaCm2, $this->artAreaCm2),
            ink: new LaidInk($this->ink->name ?? '', $this->laid(), $this->overprints, $this->ink === null && $this->job->printsTones()),
            strokes: StrokeWidths::listed($this->thinLines(), $this->thinGaps()),
            dots: $this->dot === null || $range === null ? null : new DotsOfPlate(new Halftone($this->lpi ?? 0.0, $this->angleDeg ?? 0.0), $this->dot, $range),
        );
    }

    public function hiding(): float
    {
        return $this->laid()->hiding($this->ink->hiding ?? Hiding::WISHED);
    }

    /**
     * Where it prints dots that stand on the cloth itself.
     *
     * @param float $sinks how much of its hiding an ink loses straight on the substrate, 0–1
     */
    public function hidingOnCloth(float $sinks): float
    {
        return $this->laid()->hiding(($this->ink->hiding ?? Hiding::WISHED) * (1 - $sinks));
    }

    /**
     * Where it is one of a picture in tones: on a base an ink stands, on cloth it sinks in.
     *
     * @param float $sinks how much of its hiding an ink loses straight on the substrate, 0–1
     */
    public function hidingAsItLies(float $sinks): float
    {
        $hasBase = array_filter($this->job->platesInOrder(), static fn (self $p): bool => $p->role === PlateRole::Base) !== [];

        return $this->role !== PlateRole::Base && $hasBase ? $this->hiding() : $this->hidingOnCloth($sinks);
    }

    /** Whether it was drawn by hand on a sheet of its own. */
    public function wasDrawn(): bool
    {
        return array_filter($this->job->spotPlan()->positives, fn (Positive $p): bool => $p->name === $this->name || ($p->inkId !== null && $p->inkId === $this->ink?->id)) !== [];
    }

    /** Whether what lies below shines through: tints of layers are mixed so. */
    public function isTransparent(): bool
    {
        return $this->ink === null ? $this->job->method() === MethodName::of(LayersPlan::class) : $this->ink->kind->traits()->isTransparent();
    }

    /** Whether it prints tones, in dots. */
    public function printsTones(): bool
    {
        return $this->dot !== null;
    }

    public function lab(): Lab
    {
        return Lab::of(Srgb::fromHex($this->hex));
    }

    public function tones(): ?Tones
    {
        return $this->tones === null ? null : new Tones(...$this->tones);
    }

    public function giveTones(?Tones $tones): void
    {
        $this->tones = $tones === null ? null : [$tones->lightest, $tones->darkest];
    }

    /** @return list<ThinPlace> */
    public function thinLines(): array
    {
        return KeptPlaces::read($this->thinLines);
    }

    /** @return list<ThinPlace> */
    public function thinGaps(): array
    {
        return KeptPlaces::read($this->thinGaps);
    }

    /**
     * @param list<ThinPlace> $lines
     * @param list<ThinPlace> $gaps
     */
    public function isThinAt(array $lines, array $gaps): void
    {
        $this->thinLines = KeptPlaces::written($lines);
        $this->thinGaps = KeptPlaces::written($gaps);
    }

    /** @return list<BeforeLight> */
    public function beforeLight(): array
    {
        return array_values(array_filter(array_map(BeforeLight::tryFrom(...), $this->beforeLight)));
    }

    /** @param list<BeforeLight> $done */
    public function didBeforeLight(array $done): void
    {
        $this->beforeLight = array_map(static fn (BeforeLight $one): string => $one->value, $done);
    }

    /** @return list<list<Reading>> by print */
    public function readings(): array
    {
        return KeptReadings::read($this->readings);
    }

    /** @return list<int|null> platen of each print that was read */
    public function readPlatens(): array
    {
        return \array_slice([...$this->readPlatens, ...array_fill(0, \count($this->readings), null)], 0, \count($this->readings));
    }

    /**
     * @param list<list<Reading>> $prints
     * @param list<int|null>      $platens of each
     */
    public function wasRead(array $prints, array $platens = []): void
    {
        $this->readings = KeptReadings::written($prints);
        $this->readPlatens = \array_slice($platens, 0, \count($prints));
        $this->readOf = $this->picture;
    }

    /** Whether its readings are of a picture that it had before: they say nothing of the one it has. */
    public function wasReadOfAnother(): bool
    {
        return $this->readings !== [] && $this->readOf !== null && $this->picture !== null && $this->readOf !== $this->picture;
    }

    /** Takes a frame or gives it back; what was done before the light was done for the other one. */
    public function standOn(?Frame $frame): void
    {
        if ($this->frame !== $frame) {
            $this->frame = $frame;
            $this->beforeLight = [];
            $this->onStandIn = null;
        }
    }

    /** Null where the stand-in did not print it yet, or printed another picture. */
    public function onStandIn(): ?OnStandIn
    {
        if ($this->onStandIn === null) {
            return null;
        }
        $kept = Kept::of($this->onStandIn);

        return $kept->text('picture') === (string) $this->picture
            ? new OnStandIn(new RigidMove($kept->number('x_mm'), $kept->number('y_mm'), $kept->number('turn_rad')), (int) $kept->number('after'))
            : null;
    }

    public function layOnStandIn(OnStandIn $first): void
    {
        $this->onStandIn = ['x_mm' => $first->lay->xMm, 'y_mm' => $first->lay->yMm, 'turn_rad' => $first->lay->turnRad, 'after' => $first->after, 'picture' => (string) $this->picture];
    }
}
