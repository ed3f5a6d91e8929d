<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Stencil;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Stencil\Coating;

/** The coating on a frame, from the trough to the day on which it is reclaimed. */
#[ORM\Entity]
class Stencil
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** Emulsion over mesh as gauged, µm. */
    #[ORM\Column(nullable: true)]
    public ?float $gaugedEomUm = null;

    #[ORM\Column(nullable: true)]
    public ?float $burnedSeconds = null;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true, onDelete: 'SET NULL')]
    public ?Lamp $lamp = null;

    #[ORM\Column(nullable: true)]
    public ?float $lampHours = null;

    /** Fabric and stencil when it was burned, µm. */
    #[ORM\Column(nullable: true)]
    public ?float $thicknessUm = null;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true, onDelete: 'SET NULL')]
    public ?Plate $plate = null;

    /** @var array{scum: bool, pinholes: bool, lostDots: bool, closedLines: bool, blur: bool}|null what was seen at the sink */
    #[ORM\Column(nullable: true)]
    public ?array $sinkCheck = null;

    /** Day on which it was taken off; null while it is on the frame. */
    #[ORM\Column(length: 10, nullable: true)]
    public ?string $goneOn = null;

    /** @param bool $told whether the shop told how it was coated; else the recipe is only what Ektype would have done */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Frame $frame,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: true, onDelete: 'SET NULL')]
        public ?Emulsion $emulsion,
        #[ORM\Column]
        public \DateTimeImmutable $coatedAt,
        #[ORM\Column]
        public \DateTimeImmutable $readyAt,
        #[ORM\Column(length: 10)]
        public string $edge,
        #[ORM\Column]
        public int $printCoats,
        #[ORM\Column]
        public int $squeegeeCoats,
        #[ORM\Column]
        public bool $driedBetween,
        #[ORM\Column]
        public bool $told,
        // The mesh that it was laid on: the frame may carry another one day.
        #[ORM\Column]
        public float $threadsPerCm,
        #[ORM\Column]
        public float $threadUm,
        #[ORM\Column]
        public bool $dyed,
        #[ORM\Column(nullable: true)]
        public ?float $sheetOpeningUm,
        #[ORM\Column(nullable: true)]
        public ?float $sheetThicknessUm,
    ) {
    }

    public function mesh(): Mesh
    {
        return new Mesh($this->threadsPerCm, $this->threadUm, $this->dyed, $this->sheetOpeningUm, $this->sheetThicknessUm);
    }

    public function coating(): Coating
    {
        return $this->emulsion?->filmUm !== null
            ? Coating::film($this->mesh(), $this->emulsion->filmUm, $this->emulsion->name)
            : new Coating($this->mesh(), $this->edge, $this->printCoats, $this->squeegeeCoats, $this->emulsion->solidsPct ?? 38.0, $this->emulsion->name ?? '', $this->driedBetween);
    }
}
