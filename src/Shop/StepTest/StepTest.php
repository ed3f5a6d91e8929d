<?php

declare(strict_types=1);

namespace Ektype\App\Shop\StepTest;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\StepTest\StripSeen;

/** Strips on one screen and what was read from them. */
#[ORM\Entity]
class StepTest
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** Whether somebody set it aside: no time rests on it, but it is kept. */
    #[ORM\Column(options: ['default' => false])]
    public bool $setAside = false;

    /** Length of each step where a strip was burned in several; null for one burn each. */
    #[ORM\Column(nullable: true)]
    public ?float $incrementS = null;

    /** @var list<array{seconds: float, positiveLine: float|null, reverseLine: float|null, dot: float|null, hole: float|null, slime: bool, raggedEdge: bool}> what each strip showed, where that was told */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $strips = [];

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        public Lamp $lamp,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        public Emulsion $emulsion,
        #[ORM\Column(length: 10)]
        public string $doneOn,
        #[ORM\Column]
        public float $thicknessUm,
        #[ORM\Column]
        public bool $dyed,
        #[ORM\Column]
        public float $lampHours,
        #[ORM\Column(nullable: true)]
        public ?float $lowS,
        #[ORM\Column(nullable: true)]
        public ?float $bestS,
        #[ORM\Column(nullable: true)]
        public ?float $highS,
        #[ORM\Column(length: 60)]
        public string $film = '',
        #[ORM\Column(length: 200)]
        public string $remark = '',
        /** How far the lamp stood, mm; null where nobody told. */
        #[ORM\Column(nullable: true)]
        public ?float $distanceMm = null,
    ) {
    }

    /** @return list<StripSeen> what each strip showed, shortest first */
    public function strips(): array
    {
        return array_map(static fn (array $s): StripSeen => new StripSeen(...$s), $this->strips);
    }

    /** @param list<StripSeen> $strips */
    public function keep(array $strips): void
    {
        $this->strips = array_map(static fn (StripSeen $s): array => [
            'seconds' => $s->seconds,
            'positiveLine' => $s->positiveLine,
            'reverseLine' => $s->reverseLine,
            'dot' => $s->dot,
            'hole' => $s->hole,
            'slime' => $s->slime,
            'raggedEdge' => $s->raggedEdge,
        ], $strips);
    }

    /** As the exposure model learns it. */
    public function reading(): TestReading
    {
        return new TestReading(
            new Setting(
                $this->lamp->name,
                $this->lamp->kind,
                $this->emulsion->name,
                $this->emulsion->kind,
                $this->thicknessUm,
                $this->dyed,
                film: $this->film,
                distanceMm: $this->distanceMm,
                lampHours: $this->lamp->unitsPerS === null ? $this->lampHours : 0.0,
                emulsionFactor: $this->emulsion->factor,
                startLossS: $this->lamp->startLossS,
            ),
            $this->lowS,
            $this->bestS,
            $this->highS,
            $this->incrementS !== null && $this->incrementS > $this->lamp->startLossS ? $this->incrementS : null,
        );
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The step test is not stored yet.');
    }
}
