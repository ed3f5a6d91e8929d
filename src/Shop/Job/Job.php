<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Press;

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
        return $this->widthMm * $this->artHeightPx / $this->artWidthPx;
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
        return hash('sha256', serialize([$this->artPath, $this->widthMm, $this->garmentHex, $this->chokeMm, $this->inks, $this->printGround, $this->merges, $this->leftOpen]));
    }

    /** Tells apart everything that a film shows. */
    public function filmsKey(): string
    {
        $plates = array_map(static fn (Plate $p): string => $p->drawing.' '.$p->name, $this->platesInOrder());

        return hash('sha256', serialize([$this->separationPath, $this->name, $this->garmentName, $plates]));
    }

    public function filmsAreCurrent(): bool
    {
        return $this->filmsPath !== null && $this->filmsKey === $this->filmsKey();
    }

    public function separationIsCurrent(): bool
    {
        return $this->separationPath !== null && $this->separationKey === $this->separationKey();
    }
}
