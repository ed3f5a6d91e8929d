<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Lamp;

use Doctrine\ORM\Mapping as ORM;
use Ektype\Core\Exposure\LampKind;

/** An exposure unit. */
#[ORM\Entity]
class Lamp
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** Whether its hours stand as usual, because nobody has measured them yet. */
    #[ORM\Column(options: ['default' => false])]
    public bool $assumed = false;

    public function __construct(
        #[ORM\Column(length: 60, unique: true)]
        public string $name,
        #[ORM\Column(length: 20)]
        public LampKind $kind,
        #[ORM\Column]
        public float $hours,
        #[ORM\Column(nullable: true)]
        public ?float $distanceMm = null,
    ) {
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The lamp is not stored yet.');
    }
}
