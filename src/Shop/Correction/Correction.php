<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Correction;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Press;
use Ektype\Core\Registration\Drag;
use Ektype\Core\Registration\DragSeen;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\KnobPair;
use Ektype\Core\Registration\RigidMove;

/** Knobs that were turned for a plate, how it lay before, and, once it was read again, how it lay afterwards. */
#[ORM\Entity]
class Correction
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** @var list<float>|null shift right and away, mm, and turn, radians: after the turns; null until it was read again */
    #[ORM\Column(name: 'lay_after', nullable: true)]
    private ?array $after = null;

    /** @var list<float> the same before */
    #[ORM\Column(name: 'lay_before')]
    private array $before;

    /** The ink of the plate, its off-contact and the tension of its frame when it was read; null where they were not known. */
    #[ORM\Column(length: 80, nullable: true)]
    public ?string $ink = null;

    #[ORM\Column(nullable: true)]
    public ?float $offContactMm = null;

    #[ORM\Column(nullable: true)]
    public ?float $tensionNPerCm = null;

    /** The same of the key. */
    #[ORM\Column(length: 80, nullable: true)]
    public ?string $keyInk = null;

    #[ORM\Column(nullable: true)]
    public ?float $keyOffContactMm = null;

    #[ORM\Column(nullable: true)]
    public ?float $keyTensionNPerCm = null;

    /** Whether it was read for the first time after the screen was set, stroked towards the operator, and fitted at rest. */
    #[ORM\Column(options: ['default' => false])]
    public bool $firstRead = false;

    #[ORM\Column(options: ['default' => true])]
    public bool $pull = true;

    #[ORM\Column(options: ['default' => true])]
    public bool $fittedAtRest = true;

    /** @param array<string, float> $turns by knob, clockwise positive */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Press $press,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: true, onDelete: 'SET NULL')]
        public ?Plate $plate,
        #[ORM\Column]
        public array $turns,
        RigidMove $before,
        #[ORM\Column(name: 'worst_before')]
        public float $worstBeforeMm,
        #[ORM\Column]
        public \DateTimeImmutable $turnedAt,
        #[ORM\Column(name: 'worst_after', nullable: true)]
        public ?float $worstAfterMm = null,
    ) {
        $this->before = [$before->xMm, $before->yMm, $before->turnRad];
    }

    public function before(): RigidMove
    {
        return self::move($this->before);
    }

    public function after(): ?RigidMove
    {
        return $this->after === null ? null : self::move($this->after);
    }

    /** How far the frame moved at a knob, along the way it pushes: v(c) = t + θ J c, after less before; null where that was not turned or read again. */
    public function pair(Knob $knob): ?KnobPair
    {
        $turns = $this->turns[$knob->name] ?? 0.0;
        $after = $this->after();
        if ($after === null || $turns === 0.0) {
            return null;
        }
        $before = $this->before();
        $turn = $after->turnRad - $before->turnRad;
        $x = $after->xMm - $before->xMm - $turn * $knob->at->yMm;
        $y = $after->yMm - $before->yMm + $turn * $knob->at->xMm;

        return new KnobPair($turns, $knob->unit()->xMm * $x + $knob->unit()->yMm * $y);
    }

    /** What it shows of drag; null where the screen was not freshly set, or was set wrongly. */
    public function drag(): ?DragSeen
    {
        $along = ($this->pull ? -1 : 1) * $this->before()->yMm;
        if (!$this->firstRead || $this->ink === null || $this->offContactMm === null || $this->tensionNPerCm === null || abs($along) > Drag::MOST_MM) {
            return null;
        }
        if (!$this->fittedAtRest) {
            return new DragSeen($this->ink, $this->offContactMm, $this->tensionNPerCm, $along, !$this->pull);
        }

        return $this->keyInk === null || $this->keyOffContactMm === null || $this->keyTensionNPerCm === null ? null : new DragSeen(
            $this->ink,
            $this->offContactMm,
            $this->tensionNPerCm,
            $along,
            !$this->pull,
            new DragSeen($this->keyInk, $this->keyOffContactMm, $this->keyTensionNPerCm, 0.0, !$this->pull),
        );
    }

    public function readAgain(RigidMove $after, float $worstMm): void
    {
        [$this->after, $this->worstAfterMm] = [[$after->xMm, $after->yMm, $after->turnRad], $worstMm];
    }

    /** @param list<float> $kept */
    private static function move(array $kept): RigidMove
    {
        return new RigidMove($kept[0], $kept[1], $kept[2]);
    }
}
