<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Frame;

use Doctrine\ORM\Mapping as ORM;
use Ektype\Core\Mesh\Mesh;

/** A physical frame with its mesh, in the rack. */
#[ORM\Entity]
class Frame
{
    public const STATES = ['bare', 'coated', 'burned', 'on press', 'to reclaim', 'to stretch'];

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    #[ORM\Column(length: 20)]
    public string $state = 'bare';

    /** Over all, for the press and the rack; null where nobody measured. */
    #[ORM\Column(nullable: true)]
    public ?float $outsideWidthMm = null;

    #[ORM\Column(nullable: true)]
    public ?float $outsideHeightMm = null;

    /** Of the mesh’s data sheet; null takes the formula. */
    #[ORM\Column(nullable: true)]
    public ?float $sheetOpeningUm = null;

    #[ORM\Column(nullable: true)]
    public ?float $sheetThicknessUm = null;

    /** The mesh’s angle in the frame, degrees anticlockwise. */
    #[ORM\Column(options: ['default' => 0])]
    public float $meshAngleDeg = 0.0;

    /** Where it stands, as the shop says it. */
    #[ORM\Column(length: 20, options: ['default' => ''])]
    public string $rackPlace = '';

    /** Day on which this mesh was stretched; null where nobody knows. */
    #[ORM\Column(length: 10, nullable: true)]
    public ?string $stretchedOn = null;

    /** Stencils that this mesh has carried and given up again. */
    #[ORM\Column(options: ['default' => 0])]
    public int $uses = 0;

    /** Whether a stain of old ink or stencil is left in the mesh. */
    #[ORM\Column(options: ['default' => false])]
    public bool $stained = false;

    /** Whether the last stencil would not come off. */
    #[ORM\Column(options: ['default' => false])]
    public bool $locked = false;

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
        return new Mesh($this->threadsPerCm, $this->threadUm, $this->dyed, $this->sheetOpeningUm, $this->sheetThicknessUm);
    }
}
