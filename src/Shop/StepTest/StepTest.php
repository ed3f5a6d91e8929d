<?php

declare(strict_types=1);

namespace Ektype\App\Shop\StepTest;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Lamp\Lamp;

/** Strips on one screen and what was read from them. */
#[ORM\Entity]
class StepTest
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

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

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The step test is not stored yet.');
    }
}
