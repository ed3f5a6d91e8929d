<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Correction;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Press;
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
