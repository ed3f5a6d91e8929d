<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Press;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Plan\Codec;
use Ektype\Core\Flash\FlashLearned;
use Ektype\Core\Flash\FlashReading;
use Ektype\Core\Flash\FlashUnit;
use Ektype\Core\Print\PressAtHand;
use Ektype\Core\Registration\Knob;

/** A press with its heads, platens and knobs. */
#[ORM\Entity]
class Press
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** Whether its knobs stand as usual, because nobody has measured them yet. */
    #[ORM\Column(options: ['default' => false])]
    public bool $assumed = false;

    /** Flash units that the shop has for it. */
    #[ORM\Column(options: ['default' => 1])]
    public int $flashes = 1;

    /** @var list<mixed> what readings told of its flash: heating times of the usual, and by what they were read */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $flashTimes = [];

    /** @var array<string, mixed> the flash unit; nothing for the usual */
    #[ORM\Column(options: ['default' => '{}'])]
    private array $flashUnit = [];

    /** @var array<mixed> */
    #[ORM\Column]
    private array $knobs;

    /** @param list<Knob> $knobs */
    public function __construct(
        #[ORM\Column(length: 60, unique: true)]
        public string $name,
        #[ORM\Column(length: 20)]
        public PressKind $kind,
        #[ORM\Column]
        public int $heads,
        #[ORM\Column]
        public int $platens,
        array $knobs,
        /** Whether the collar lies at the operator's end, so that upright art is turned by 180° against the press axes. */
        #[ORM\Column]
        public bool $collarAtOperator,
        /** Centre of the print from the inner edge of the frame's clamped end, mm. */
        #[ORM\Column]
        public float $centreFromEndMm,
        /** How far its prints scatter about the set register, standard deviation, mm; null until measured. */
        #[ORM\Column(nullable: true)]
        public ?float $registerSigmaMm = null,
    ) {
        $this->has($knobs);
    }

    /** @return list<Knob> */
    public function knobs(): array
    {
        return KeptKnobs::read($this->knobs);
    }

    /** @param list<Knob> $knobs */
    public function has(array $knobs): void
    {
        $this->knobs = KeptKnobs::written($knobs);
    }

    public function flashUnit(): FlashUnit
    {
        return Codec::read(FlashUnit::class, $this->flashUnit);
    }

    public function flashesWith(FlashUnit $unit): void
    {
        $this->flashUnit = Codec::written($unit);
    }

    /** @return list<FlashReading> */
    public function flashReadings(): array
    {
        return array_map(static fn (mixed $one): FlashReading => match (true) {
            // Before fingers counted, a probe’s figure stood alone.
            \is_int($one), \is_float($one) => new FlashReading((float) $one),
            default => Codec::read(FlashReading::class, (array) $one),
        }, $this->flashTimes);
    }

    /** @param list<FlashReading> $readings */
    public function flashRead(array $readings): void
    {
        $this->flashTimes = array_map(Codec::written(...), $readings);
    }

    /** As the law of printing asks for it. */
    public function atHand(): PressAtHand
    {
        return new PressAtHand($this->kind->way(), $this->heads, $this->flashes, $this->platens, FlashLearned::of($this->flashReadings()), $this->centreFromEndMm, unit: $this->flashUnit());
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The press is not stored yet.');
    }
}
