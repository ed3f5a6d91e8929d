<?php

declare(strict_types=1);

namespace Ektype\App\Shop\OwnMesh;

use Doctrine\ORM\Mapping as ORM;
use Ektype\Core\Mesh\Mesh;

/** A mesh that the shop stretches, as its data sheet tells it. */
#[ORM\Entity]
class OwnMesh
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    public function __construct(
        #[ORM\Column]
        public float $threadsPerCm,
        #[ORM\Column]
        public float $threadUm,
        #[ORM\Column]
        public bool $dyed,
        #[ORM\Column(nullable: true)]
        public ?float $openingUm,
        #[ORM\Column(nullable: true)]
        public ?float $thicknessUm,
    ) {
    }

    public function mesh(): Mesh
    {
        return new Mesh($this->threadsPerCm, $this->threadUm, $this->dyed, $this->openingUm, $this->thicknessUm);
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The mesh is not stored yet.');
    }
}
