<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Plan\Codec;
use Ektype\App\Plan\StoredPlan;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Press;
use Ektype\Core\Advice\Care;
use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Film\FilmPrinter as Profile;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\FilmWay;
use Ektype\Core\Halftone\GainSetting;
use Ektype\Core\Ink\ColourName;
use Ektype\Core\Method\Layers\LayersPlan;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Order\SizeCount;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Print\Cloth;
use Ektype\Core\Run\Edition;
use Ektype\Core\Separation\DrawnSheets;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\Positive;
use Ektype\Core\StrikeOff\Approval;
use Ektype\Core\Tone\TonalPlan;

/** An order to print: its art, its garment, and its plates in print order. */
#[ORM\Entity]
class Job
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    #[ORM\Column(length: 120)]
    public string $name;

    #[ORM\Column(length: 120)]
    public string $customer = '';

    #[ORM\Column(length: 20)]
    public Substrate $substrate = Substrate::Cotton;

    /** How near to its art the print has to come. */
    #[ORM\Column(length: 20, options: ['default' => 'usual'])]
    public Care $care = Care::Usual;

    /** What is printed on, in the shop's words: “tees”, “totes”. */
    #[ORM\Column(length: 60)]
    public string $garment = 'tees';

    #[ORM\Column(length: 60)]
    public string $garmentName = '';

    #[ORM\Column(length: 7)]
    public string $garmentHex;

    #[ORM\Column]
    public int $quantity = 0;

    #[ORM\Column(length: 40)]
    public string $place = 'front';

    #[ORM\Column(length: 10, nullable: true)]
    public ?string $dueOn = null;

    /** Day on which it was put away as done; null while it is open. */
    #[ORM\Column(length: 10, nullable: true)]
    public ?string $finishedOn = null;

    /** What else the order says. */
    #[ORM\Column(length: 2000, options: ['default' => ''])]
    public string $notes = '';

    /** @var array<mixed> the garments of the order where there are several, with their sizes */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $lines = [];

    /** @var array<string, mixed>|null who judged the strike-off, and how; null while nobody did */
    #[ORM\Column(nullable: true)]
    private ?array $approval = null;

    /** @var array<string, mixed> how its edition is printed; nothing for the usual */
    #[ORM\Column(options: ['default' => '{}'])]
    private array $edition = [];

    /** The job that it prints again. */
    #[ORM\Column(name: 'again_of', nullable: true)]
    public ?int $againOf = null;

    #[ORM\Column]
    public float $widthMm;

    /** From the usual place of the print on the garment: to the right as one looks at it, and down, mm. */
    #[ORM\Column(options: ['default' => 0])]
    public float $acrossMm = 0.0;

    #[ORM\Column(options: ['default' => 0])]
    public float $dropMm = 0.0;

    #[ORM\Embedded(columnPrefix: 'art_')]
    public Art $art;

    /** @var array<string, mixed> part, turn and mirror of the art; empty takes it as it is */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $framing = [];

    /** How its art becomes plates; empty until the art was looked at. */
    #[ORM\Column(length: 20, options: ['default' => 'spot'])]
    private string $method = '';
    /** @var array<string, mixed> the plans of the methods that print tones, by their names */
    #[ORM\Column(options: ['default' => '{}'])]
    private array $tonePlans = [];
    /** @var array<string, mixed> the choices made for a spot separation, with their version */
    #[ORM\Column(options: ['default' => '{}'])]
    private array $plan = [];

    /** Folder of the separation, and what it found; null until separated. */
    #[ORM\Column(length: 200, nullable: true)]
    public ?string $separationPath = null;

    /** @var array<string, mixed>|null */
    #[ORM\Column(nullable: true)]
    private ?array $separation = null;

    /** What the separation was made from: a job that asks for something else since is to be separated again. */
    #[ORM\Column(length: 64, nullable: true)]
    public ?string $separationKey = null;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true)]
    public ?FilmPrinter $filmPrinter = null;

    /** @var list<string> */
    #[ORM\Column(options: ['default' => '["pdf","png"]'])]
    public array $filmFormats = ['pdf', 'png'];

    #[ORM\Column(options: ['default' => false])]
    public bool $stepWedge = false;

    #[ORM\Column(options: ['default' => false])]
    public bool $filmMirrored = false;

    #[ORM\Column(options: ['default' => false])]
    public bool $filmNegative = false;

    #[ORM\Column(options: ['default' => 1])]
    public int $filmCopies = 1;

    #[ORM\Column(length: 200, nullable: true)]
    public ?string $filmsPath = null;

    #[ORM\Column(length: 64, nullable: true)]
    public ?string $filmsKey = null;

    /** @var array<string, mixed>|null what the light table read back from the files */
    #[ORM\Column(nullable: true)]
    private ?array $filmCheck = null;

    #[ORM\Column]
    public float $toleranceMm = Findings::BUTT_MM;

    /** Whether the printer set the tolerance; else it is the register budget of the plates. */
    #[ORM\Column(options: ['default' => false])]
    public bool $toleranceSet = false;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true)]
    public ?Press $press = null;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true)]
    public ?Lamp $lamp = null;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true)]
    public ?Emulsion $emulsion = null;

    #[ORM\Embedded(columnPrefix: false)]
    public OnPress $onPress;

    /** Whether screens on like mesh get one time, in one batch; else each its own. */
    #[ORM\Column(options: ['default' => false])]
    public bool $oneTime = false;

    /** Whether its screens are imaged straight, without films. */
    #[ORM\Column(options: ['default' => false])]
    public bool $withoutFilm = false;

    /** Whether sheets that were drawn by hand are laid on the screens themselves, in place of films. */
    #[ORM\Column(options: ['default' => false])]
    public bool $drawnSheets = false;

    #[ORM\Column]
    public \DateTimeImmutable $createdAt;

    /** @var Collection<int, Plate> */
    #[ORM\OneToMany(targetEntity: Plate::class, mappedBy: 'job', cascade: ['persist', 'remove'], orphanRemoval: true)]
    #[ORM\OrderBy(['position' => 'ASC'])]
    public Collection $plates;

    public function __construct(string $name, string $garmentHex, float $widthMm, Art $art, \DateTimeImmutable $createdAt)
    {
        $this->name = $name;
        $this->garmentHex = $garmentHex;
        $this->widthMm = $widthMm;
        $this->art = $art;
        $this->createdAt = $createdAt;
        $this->onPress = new OnPress();
        $this->plates = new ArrayCollection();
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The job is not stored yet.');
    }

    /** The colour of its garment in a word: as somebody named it, else what it looks like. */
    public function cloth(): string
    {
        return ColourName::ofCloth($this->garmentName, $this->garmentHex);
    }

    public function clothToPrint(): Cloth
    {
        return new Cloth(Lab::of(Srgb::fromHex($this->garmentHex)), $this->substrate, $this->onPress->seamMm);
    }

    public function heightMm(): float
    {
        $size = $this->framing()->size($this->art->widthPx, $this->art->heightPx);

        return $this->widthMm * $size->height / $size->width;
    }

    public function framing(): ArtFraming
    {
        return Codec::read(ArtFraming::class, $this->framing);
    }

    public function frame(ArtFraming $framing): void
    {
        $this->framing = Codec::written($framing);
    }

    /** @return list<GarmentLine> the garments of the order; none where it is one garment that nobody counted by sizes */
    public function lines(): array
    {
        return Codec::readAll(GarmentLine::class, $this->lines);
    }

    /** @return non-empty-list<GarmentLine> what is printed on; one where nobody counted by sizes */
    public function garments(): array
    {
        $lines = $this->lines();

        return $lines !== [] ? $lines : [new GarmentLine($this->garment, $this->cloth(), $this->garmentHex, [new SizeCount('', $this->quantity)])];
    }

    public function approval(): ?Approval
    {
        return $this->approval === null ? null : KeptApproval::read($this->approval);
    }

    public function edition(): Edition
    {
        return Codec::read(Edition::class, $this->edition);
    }

    public function prints(Edition $edition): void
    {
        $this->edition = Codec::written($edition);
    }

    public function approve(?Approval $approval): void
    {
        $this->approval = $approval === null ? null : KeptApproval::written($approval);
    }

    /** @param list<GarmentLine> $lines their pieces are the quantity of the job, as soon as there are any */
    public function orders(array $lines): void
    {
        $this->lines = array_map(Codec::written(...), $lines);
        $pieces = array_sum(array_map(static fn (GarmentLine $l): int => $l->pieces(), $lines));
        // Lines that nobody has counted yet say nothing.
        if ($pieces > 0) {
            $this->quantity = $pieces;
        }
    }

    /** Pixels of its art an inch of the print; 0 for a drawing. */
    public function artPpi(): float
    {
        return $this->art->isDrawing() ? 0.0 : $this->framing()->size($this->art->widthPx, $this->art->heightPx)->width * 25.4 / $this->widthMm;
    }

    /** null until its art was looked at */
    public function method(): ?MethodName
    {
        return MethodName::tryFrom($this->method);
    }

    /** What its plates are made by; before its art was looked at, the beginning of a spot separation. */
    public function plan(): Plan
    {
        return $this->planOf($this->method() ?? MethodName::usual()) ?? $this->spotPlan();
    }

    /** null where it never had one of that method */
    public function planOf(MethodName $method): ?Plan
    {
        $stored = $this->stored($method);

        return $stored === null ? null : StoredPlan::read($method, $stored);
    }

    public function spotPlan(): SpotPlan
    {
        $plan = StoredPlan::read(MethodName::usual(), $this->plan);

        return $plan instanceof SpotPlan ? $plan : throw new \LogicException('Spot plates have a spot plan.');
    }

    /** @return array<array-key, mixed>|null as it stands in the database */
    private function stored(MethodName $method): ?array
    {
        if ($method === MethodName::usual()) {
            return $this->plan;
        }
        $stored = $this->tonePlans[$method->value] ?? null;

        return \is_array($stored) ? $stored : null;
    }

    /** Keeps a plan beside those of other methods. */
    public function decide(Plan $plan): void
    {
        if ($plan instanceof SpotPlan) {
            $this->plan = StoredPlan::written($plan);
        } else {
            $this->tonePlans = [...$this->tonePlans, $plan->method()->value => StoredPlan::written($plan)];
        }
    }

    /** From now on it is separated by this plan. */
    public function follow(Plan $plan): void
    {
        $this->decide($plan);
        $this->method = $plan->method()->value;
    }

    /** null until it was separated */
    private ?Findings $findings = null;
    /** @var array<mixed>|null what they were read of */
    private ?array $findingsOf = null;

    public function findings(): ?Findings
    {
        if ($this->separation === null) {
            return null;
        }
        // Read once for what is kept: undo and refreshes put another array there.
        if ($this->findingsOf !== $this->separation) {
            [$this->findings, $this->findingsOf] = [KeptFindings::read($this->separation), $this->separation];
        }

        return $this->findings;
    }

    public function found(?Findings $findings): void
    {
        $this->separation = $findings === null ? null : KeptFindings::written($findings);
    }

    /** Calls a plate otherwise, wherever the job names it. */
    public function call(Plate $plate, string $name): void
    {
        if ($plate->name !== $name) {
            $this->found($this->findings()?->renamed([$plate->name => $name]));
            $plate->name = $name;
        }
    }

    /** null until films were written */
    public function filmSet(): ?FilmSet
    {
        return $this->filmsPath === null || $this->filmCheck === null ? null : KeptFilmSet::read($this->filmCheck);
    }

    public function filmed(?FilmSet $set): void
    {
        $this->filmCheck = $set === null ? null : KeptFilmSet::written($set);
    }

    /** mm; twice the measured register sigma of the press where the printer set none. */
    public function trapMm(): float
    {
        return $this->spotPlan()->trap($this->press?->registerSigmaMm);
    }

    public function filmProfile(): Profile
    {
        return $this->filmPrinter?->profile() ?? new Profile();
    }

    /** What its screens, or that of a plate, are burned through, as exposure knows it. */
    public function filmUnderLight(?Plate $of = null): string
    {
        return match (true) {
            $this->withoutFilm => Setting::WITHOUT_FILM,
            $of !== null && $this->drawnSheets && $of->wasDrawn() => DrawnSheets::UNDER_LIGHT,
            default => $this->filmProfile()->medium->underLight(),
        };
    }

    /** The sheet of its films, so many plates. */
    public function filmSheet(int $plates): FilmSheet
    {
        $printer = $this->filmProfile();

        return new FilmSheet(
            (int) round($this->widthMm / 25.4 * $printer->dpi),
            (int) round($this->heightMm() / 25.4 * $printer->dpi),
            $printer->dpi,
            $plates,
            $printer->feedMarginMm,
        );
    }

    /** @return list<Plate> in print order */
    public function platesInOrder(): array
    {
        $plates = array_values($this->plates->toArray());
        usort($plates, static fn (Plate $a, Plate $b): int => $a->position <=> $b->position);

        return $plates;
    }

    /** The plate that the others are brought to; null where there is none yet. */
    public function key(): ?Plate
    {
        $plates = $this->platesInOrder();
        foreach ($plates as $plate) {
            if ($plate->id !== null && $plate->id === $this->onPress->keyPlate) {
                return $plate;
            }
        }

        return $plates[0] ?? null;
    }

    /** Tells apart everything that the plates are drawn from. Its make-up must not change: stored keys are compared with it. */
    public function separationKey(?Plan $by = null): string
    {
        $method = $by?->method() ?? $this->method() ?? MethodName::usual();
        $stored = $by === null ? $this->stored($method) : null;
        if ($stored !== null && $stored !== [] && ($stored['version'] ?? 1) === 1) {
            return FirstKey::of($this, $method, $stored);
        }
        $plan = $by ?? $this->plan();

        return hash('sha256', json_encode([
            $this->art->path,
            $this->widthMm,
            $this->garmentHex,
            $this->filmProfile()->dpi,
            Codec::written($this->framing()),
            $method->value,
            Codec::written($plan),
            $plan instanceof SpotPlan ? $plan->trap($this->press?->registerSigmaMm) : $this->substrate->drinksInk(),
            // Plates that were drawn by hand join a chain of layers.
            ...$method === MethodName::of(LayersPlan::class) ? [array_map(static fn (Positive $p): string => $p->path, $this->spotPlan()->positives)] : [],
        ], \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION));
    }

    /** Tells apart everything that a film shows. */
    public function filmsKey(): string
    {
        $plates = array_map(static fn (Plate $p): string => $p->drawing.' '.$p->name, $this->platesInOrder());

        return hash(
            'sha256',
            serialize(
                [
                    $this->separationPath,
                    $this->name,
                    $this->garmentName,
                    $plates,
                    // What it is drawn on changes nothing of the drawing.
                    array_diff_key((array) $this->filmProfile(), ['medium' => true]),
                    $this->filmFormats,
                    $this->stepWedge,
                    // Films of before are as they were.
                    ...$this->filmWay()->isUpright() && $this->filmCopies === 1 ? [] : [$this->filmWay()],
                ],
            ),
        );
    }

    public function filmWay(): FilmWay
    {
        return new FilmWay($this->filmMirrored, $this->filmNegative, $this->filmCopies);
    }

    /** Changes whenever a pull has to be drawn anew: that of the plates, or the first one of what they will be. */
    public function pullKey(): string
    {
        return substr(
            hash(
                'sha256',
                serialize(
                    [
                        $this->separationPath,
                        $this->separationKey(),
                        $this->garmentHex,
                        $this->substrate->value,
                        array_map(static fn (Plate $p): array => [$p->drawing, $p->ink?->hex, $p->hiding()], $this->platesInOrder()),
                    ],
                ),
            ),
            0,
            16,
        );
    }

    public function filmsAreCurrent(): bool
    {
        return $this->filmsPath !== null && $this->separationIsCurrent() && $this->filmsKey === $this->filmsKey() && $this->labelsAreTrue();
    }

    /**
     * Meshes as the labels of films written now would name them; null where no frame is chosen yet.
     *
     * @return list<string|null>
     */
    public function labelledMeshes(): array
    {
        return array_map(static fn (Plate $p): ?string => $p->frame?->mesh()->name, $this->platesInOrder());
    }

    /** A film that names a mesh must be the film of that mesh; one that names none goes with any. */
    private function labelsAreTrue(): bool
    {
        $now = $this->labelledMeshes();
        foreach ($this->filmSet()->meshes ?? [] as $i => $mesh) {
            if ($mesh !== null && ($now[$i] ?? null) !== null && $mesh !== $now[$i]) {
                return false;
            }
        }

        return true;
    }

    /** What the gain of its dots depends on, as far as it is known. */
    public function gainSetting(): GainSetting
    {
        $plan = $this->plan();
        $plates = array_values(array_filter($this->platesInOrder(), static fn (Plate $p): bool => $p->printsTones()));

        return new GainSetting(
            $this->press?->id,
            array_values(array_filter(array_map(static fn (Plate $p): ?float => $p->frame?->mesh()->threadsPerCm, $plates), static fn (?float $threads): bool => $threads !== null))[0] ?? null,
            ($plates[0] ?? null)?->ink?->kind,
            $plan instanceof TonalPlan ? $plan->dots()->halftone->lpi : $this->spotPlan()->tintDots()->lpi,
            ($plates[0] ?? null)?->laid()->strokes() ?? 1,
        );
    }

    /** Whether its plates print tones in dots that lie beside each other. */
    public function printsTones(): bool
    {
        return $this->method()?->isTonal() ?? false;
    }

    public function separationIsCurrent(): bool
    {
        return $this->separationPath !== null && $this->separationKey === $this->separationKey();
    }
}
