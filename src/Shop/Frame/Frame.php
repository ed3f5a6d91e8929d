<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Frame;

use Doctrine\ORM\Mapping as ORM;
use Ektype\Core\Mesh\Mesh;

/** A physical frame with its mesh, in the rack. */
#[ORM\Entity]
class Frame
{
    public const STATES = ['bare', 'coated', 'burned', 'on press', 'to reclaim'];

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    #[ORM\Column(length: 20)]
    public string $state = 'bare';

    public function __construct(
        #[ORM\Column(length: 20, unique: true)]
        public string $label,
        #[ORM\Column]
        public float $threadsPerCm,
        #[ORM\Column]
        public float $threadUm,
        #[ORM\Column]
        public bool $dyed,
        #[ORM\Column]
        public float $insideWidthMm,
        #[ORM\Column]
        public float $insideHeightMm,
        /** Last measured tension, N/cm. */
        #[ORM\Column]
        public float $tensionNPerCm,
    ) {
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The frame is not stored yet.');
    }

    public function mesh(): Mesh
    {
        return new Mesh($this->threadsPerCm, $this->threadUm, $this->dyed);
    }
}
