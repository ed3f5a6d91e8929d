<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Frame;

use Doctrine\ORM\Mapping as ORM;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\FrameState;

/** A physical frame with its mesh, in the rack. */
#[ORM\Entity]
class Frame
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** Whether its tension stands as usual, because nobody has measured it yet. */
    #[ORM\Column(options: ['default' => false])]
    public bool $assumed = false;

    #[ORM\Column(length: 20)]
    public FrameState $state = FrameState::Bare;

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

    /** Another mesh is stretched on it, with what its data sheet says. */
    public function carry(Mesh $mesh): void
    {
        $this->threadsPerCm = $mesh->threadsPerCm;
        $this->threadUm = $mesh->threadUm;
        $this->dyed = $mesh->dyed;
        $this->sheetOpeningUm = $mesh->fromSheet ? $mesh->openingUm : null;
        $this->sheetThicknessUm = $mesh->fromSheet ? $mesh->thicknessUm : null;
    }

    public function carries(Mesh $mesh): bool
    {
        return $this->threadsPerCm === $mesh->threadsPerCm && $this->threadUm === $mesh->threadUm && $this->dyed === $mesh->dyed;
    }

    /** Since its mesh was stretched, days; 0 where nobody knows. */
    public function ageDays(\DateTimeImmutable $today): float
    {
        return $this->stretchedOn === null ? 0.0 : max(
            0.0,
            ($today->getTimestamp() - (new \DateTimeImmutable($this->stretchedOn))->getTimestamp()) / 86400,
        );
    }
}
