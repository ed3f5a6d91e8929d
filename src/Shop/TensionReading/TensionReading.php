<?php

declare(strict_types=1);

namespace Ektype\App\Shop\TensionReading;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Frame\Frame;

/** The tension of a frame on a day, at five places, along and across. */
#[ORM\Entity]
class TensionReading
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /**
     * @param list<float> $along  N/cm at the four corners and the middle
     * @param list<float> $across the same the other way
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Frame $frame,
        #[ORM\Column(length: 10)]
        public string $doneOn,
        #[ORM\Column]
        public array $along,
        #[ORM\Column]
        public array $across,
    ) {
    }

    /** N/cm */
    public function mean(): float
    {
        return array_sum([...$this->along, ...$this->across]) / max(1, \count($this->along) + \count($this->across));
    }

    /** How far the tightest place is from the slackest, N/cm. */
    public function spread(): float
    {
        $all = [...$this->along, ...$this->across];

        return $all === [] ? 0.0 : max($all) - min($all);
    }
}
