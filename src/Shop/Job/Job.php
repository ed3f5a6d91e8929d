<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Press;
use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Film\FilmPrinter as Profile;
use Ektype\Core\Separation\Trap;
use Ektype\Core\Unit\Given;

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
    public string $substrate = 'cotton';

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

    #[ORM\Column]
    public float $widthMm;

    #[ORM\Column]
    public float $chokeMm = 0.25;

    /** How far a lighter plate spreads under a darker one, mm; null follows the press. */
    #[ORM\Column(nullable: true)]
    public ?float $trapMm = null;

    /** From the usual place of the print on the garment: to the right as one looks at it, and down, mm. */
    #[ORM\Column(options: ['default' => 0])]
    public float $acrossMm = 0.0;

    #[ORM\Column(options: ['default' => 0])]
    public float $dropMm = 0.0;

    /** @var array<string, mixed> part, turn and mirror of the art; empty takes it as it is */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $framing = [];

    /** @var list<string> hex of colours parted into their two shades */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $splits = [];

    /** @var array<string, int> hex => ink of the shelf that it prints in */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $locks = [];

    /** @var array<string, bool> hex => prints last as a highlight */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $highlights = [];

    /** @var array<string, bool> hex => stands on the base */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $onBase = [];

    /** @var array<string, bool> hex => neighbours run on under it */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $overprints = [];

    /** @var array<string, float> hex => lines thinner than so many mm are brought to it */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $thicken = [];

    /** hex of the colour whose plate serves as the base */
    #[ORM\Column(length: 7, nullable: true)]
    public ?string $baseFrom = null;

    /** @var list<array{path: string, name: string, hex: string, inkId: int|null, marks: int, weak: list<array{x_mm: float, y_mm: float, mm2: float}>}> hand-drawn plates */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $positives = [];

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true)]
    public ?FilmPrinter $filmPrinter = null;

    /** @var list<string> */
    #[ORM\Column(options: ['default' => '["pdf","png"]'])]
    public array $filmFormats = ['pdf', 'png'];

    #[ORM\Column(options: ['default' => false])]
    public bool $stepWedge = false;

    /** @var array<string, mixed>|null what the light table read back from the files */
    #[ORM\Column(nullable: true)]
    public ?array $filmCheck = null;

    #[ORM\Column(nullable: true)]
    public ?int $inks = null;

    #[ORM\Column]
    public bool $printGround = false;

    /** @var array<string, string> hex => hex that it prints as */
    #[ORM\Column]
    public array $merges = [];

    /** @var list<string> hex of colours given to the garment */
    #[ORM\Column]
    public array $leftOpen = [];

    #[ORM\Column(length: 200)]
    public string $artName;

    #[ORM\Column(length: 10)]
    public string $artKind;

    /** Path of the picture among the shop's files. */
    #[ORM\Column(length: 200)]
    public string $artPath;

    #[ORM\Column]
    public int $artWidthPx;

    #[ORM\Column]
    public int $artHeightPx;

    /** Folder of the separation, and what it found; null until separated. */
    #[ORM\Column(length: 200, nullable: true)]
    public ?string $separationPath = null;

    /** @var array<string, mixed>|null */
    #[ORM\Column(nullable: true)]
    public ?array $separation = null;

    /** What the separation was made from: a job that asks for something else since is to be separated again. */
    #[ORM\Column(length: 64, nullable: true)]
    public ?string $separationKey = null;

    #[ORM\Column(length: 200, nullable: true)]
    public ?string $filmsPath = null;

    #[ORM\Column(length: 64, nullable: true)]
    public ?string $filmsKey = null;

    #[ORM\Column]
    public float $toleranceMm = 0.15;

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

    #[ORM\Column]
    public \DateTimeImmutable $createdAt;

    /** @var Collection<int, Plate> */
    #[ORM\OneToMany(targetEntity: Plate::class, mappedBy: 'job', cascade: ['persist', 'remove'], orphanRemoval: true)]
    #[ORM\OrderBy(['position' => 'ASC'])]
    public Collection $plates;

    public function __construct(string $name, string $garmentHex, float $widthMm)
    {
        $this->name = $name;
        $this->garmentHex = $garmentHex;
        $this->widthMm = $widthMm;
        $this->createdAt = new \DateTimeImmutable();
        $this->plates = new ArrayCollection();
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The job is not stored yet.');
    }

    public function heightMm(): float
    {
        [$width, $height] = $this->framing()->size($this->artWidthPx, $this->artHeightPx);

        return $this->widthMm * $height / $width;
    }

    public function framing(): ArtFraming
    {
        return ArtFraming::given(Given::of($this->framing));
    }

    /** mm; twice the measured register sigma of the press where the printer set none. */
    public function trap(): float
    {
        return $this->trapMm ?? Trap::SIGMAS * ($this->press->registerSigmaMm ?? Press::USUAL_SIGMA_MM);
    }

    public function filmProfile(): Profile
    {
        return $this->filmPrinter?->profile() ?? new Profile();
    }

    /** @return list<Plate> in print order */
    public function platesInOrder(): array
    {
        $plates = array_values($this->plates->toArray());
        usort($plates, static fn (Plate $a, Plate $b): int => $a->position <=> $b->position);

        return $plates;
    }

    /** Tells apart everything that the plates are drawn from. */
    public function separationKey(): string
    {
        return hash('sha256', serialize([$this->artPath, $this->widthMm, $this->garmentHex, $this->chokeMm, $this->trap(), $this->filmProfile()->dpi, $this->framing()->toArray(), $this->inks, $this->printGround, $this->merges, $this->leftOpen, $this->splits, $this->locks, $this->highlights, $this->onBase, $this->overprints, $this->thicken, $this->baseFrom, array_column($this->positives, 'path')]));
    }

    /** Tells apart everything that a film shows. */
    public function filmsKey(): string
    {
        $plates = array_map(static fn (Plate $p): string => $p->drawing.' '.$p->name, $this->platesInOrder());

        return hash('sha256', serialize([$this->separationPath, $this->name, $this->garmentName, $plates, (array) $this->filmProfile(), $this->filmFormats, $this->stepWedge]));
    }

    public function filmsAreCurrent(): bool
    {
        return $this->filmsPath !== null && $this->filmsKey === $this->filmsKey() && $this->labelsAreTrue();
    }

    /**
     * Meshes as the labels of films written now would name them; null where no frame is chosen yet.
     *
     * @return list<string|null>
     */
    public function labelledMeshes(): array
    {
        return array_map(static fn (Plate $p): ?string => $p->frame?->mesh()->name(), $this->platesInOrder());
    }

    /** A film that names a mesh must be the film of that mesh; one that names none goes with any. */
    private function labelsAreTrue(): bool
    {
        $now = $this->labelledMeshes();
        $written = \is_array($this->filmCheck['meshes'] ?? null) ? $this->filmCheck['meshes'] : [];
        foreach ($written as $i => $mesh) {
            if ($mesh !== null && ($now[$i] ?? null) !== null && $mesh !== $now[$i]) {
                return false;
            }
        }

        return true;
    }

    public function separationIsCurrent(): bool
    {
        return $this->separationPath !== null && $this->separationKey === $this->separationKey();
    }
}
