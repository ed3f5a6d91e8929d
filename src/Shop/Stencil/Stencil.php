<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Stencil;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\SinkCheck;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\Edge;
use Ektype\Core\Screen\ForbiddenMove;
use Ektype\Core\Screen\ScreenMove;
use Ektype\Core\Screen\StencilState;

/**
 * The coating on a frame, from the trough to the day on which it is reclaimed. It alone holds what was coated, gauged,
 * burned and seen at the sink, and whose picture it carries; a plate has it through the frame that it stands on.
 */
#[ORM\Entity]
// The database keeps one that is not gone to a frame, by an index with a condition, which Doctrine does not know on SQLite.
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
    private ?float $burnedSeconds = null;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true, onDelete: 'SET NULL')]
    private ?Lamp $lamp = null;

    #[ORM\Column(nullable: true)]
    private ?float $lampHours = null;

    /** How far the lamp stood then, mm. */
    #[ORM\Column(nullable: true)]
    private ?float $distanceMm = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $burnedAt = null;

    /** What the lamp’s light integrator counted; null where it has none. */
    #[ORM\Column(nullable: true)]
    private ?float $units = null;

    /** Whether it was imaged straight, without a film. */
    #[ORM\Column(options: ['default' => false])]
    private bool $withoutFilm = false;

    /** What it was burned through, as exposure knows it: empty for clear film, and where there was none. */
    #[ORM\Column(length: 20, options: ['default' => ''])]
    private string $film = '';

    /** Fabric and stencil when it was burned, µm. */
    #[ORM\Column(nullable: true)]
    private ?float $thicknessUm = null;

    /** Tells the picture that it was burned with from any other; null where that was not noted. */
    #[ORM\Column(length: 40, nullable: true)]
    private ?string $picture = null;

    /** Whether it was still damp when it was burned: then its time says nothing. */
    #[ORM\Column(options: ['default' => false])]
    public bool $burnedDamp = false;

    /** Whose picture it carries. */
    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true, onDelete: 'SET NULL')]
    private ?Plate $plate = null;

    /** @var array{scum: bool, pinholes: bool, lostDots: bool, closedLines: bool, blur: bool}|null what was seen at the sink */
    #[ORM\Column(nullable: true)]
    private ?array $sinkCheck = null;

    /** Day on which it was taken off; null while it is on the frame. */
    #[ORM\Column(length: 10, nullable: true)]
    public ?string $goneOn = null;

    #[ORM\Column(length: 10)]
    public Edge $edge;

    #[ORM\Column]
    public int $printCoats;

    #[ORM\Column]
    public int $squeegeeCoats;

    #[ORM\Column]
    public bool $driedBetween;

    /** Of the emulsion as it was then: its data sheet may be corrected, this coat stays what it was. */
    #[ORM\Column(options: ['default' => Coating::USUAL_SOLIDS_PCT])]
    public float $solidsPct;

    /** Thickness of the capillary film that was laid, µm; null for liquid emulsion. */
    #[ORM\Column(nullable: true)]
    public ?float $filmUm;

    // The mesh that it was laid on: the frame may carry another one day.
    #[ORM\Column]
    public float $threadsPerCm;

    #[ORM\Column]
    public float $threadUm;

    #[ORM\Column]
    public bool $dyed;

    #[ORM\Column(nullable: true)]
    public ?float $sheetOpeningUm;

    #[ORM\Column(nullable: true)]
    public ?float $sheetThicknessUm;

    /** @param bool $told whether the shop told how it was coated; else the recipe is only what Ektype would have done */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Frame $frame,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: true, onDelete: 'SET NULL')]
        public ?Emulsion $emulsion,
        Coating $coating,
        #[ORM\Column]
        public \DateTimeImmutable $coatedAt,
        #[ORM\Column]
        public \DateTimeImmutable $readyAt,
        #[ORM\Column]
        public bool $told,
    ) {
        $this->edge = $coating->edge;
        $this->printCoats = $coating->printCoats;
        $this->squeegeeCoats = $coating->squeegeeCoats;
        $this->driedBetween = $coating->driedBetween;
        $this->solidsPct = $coating->solidsPct;
        $this->filmUm = $coating->filmUm;
        $this->threadsPerCm = $frame->threadsPerCm;
        $this->threadUm = $frame->threadUm;
        $this->dyed = $frame->dyed;
        $this->sheetOpeningUm = $frame->sheetOpeningUm;
        $this->sheetThicknessUm = $frame->sheetThicknessUm;
    }

    public function state(): StencilState
    {
        return StencilState::of($this->burnedSeconds !== null, $this->sinkCheck !== null, $this->goneOn !== null);
    }

    /** @throws ForbiddenMove where it was burned already */
    public function burn(
        ?Plate $plate,
        float $seconds,
        ?Lamp $lamp,
        float $thicknessUm,
        ?float $lampHours = null,
        bool $damp = false,
        ?\DateTimeImmutable $at = null,
        string $film = '',
    ): void {
        $this->state()->after(ScreenMove::Burn);
        $this->plate = $plate;
        $this->picture = $plate?->picture;
        $this->burnedDamp = $damp;
        $this->burnedSeconds = $seconds;
        // The lamp as it was: it ages, and the job may stand under another one later.
        $this->lamp = $lamp;
        $this->lampHours = $lampHours ?? $lamp?->hours;
        $this->burnedAt = $at;
        $this->withoutFilm = $film === Setting::WITHOUT_FILM;
        $this->film = $this->withoutFilm ? '' : $film;
        $this->units = $lamp?->unitsPerS === null ? null : $lamp->unitsPerS * $seconds;
        $this->distanceMm = $lamp?->distanceMm;
        $this->thicknessUm = $thicknessUm;
    }

    /** The same picture is printed by another order. */
    public function carryOnFor(Plate $plate): void
    {
        $this->plate = $plate;
    }

    /** The plate that it was burned for is no more. */
    public function outlivesItsPlate(): void
    {
        $this->plate = null;
    }

    /** @throws ForbiddenMove where it was not burned */
    public function wasNotBurned(): void
    {
        $this->state()->after(ScreenMove::WasNotBurned);
        $this->plate = $this->lamp = $this->picture = null;
        $this->burnedDamp = $this->withoutFilm = false;
        $this->film = '';
        $this->burnedAt = $this->units = null;
        $this->burnedSeconds = $this->lampHours = $this->distanceMm = $this->thicknessUm = $this->sinkCheck = null;
    }

    /**
     * @param SinkCheck|null $seen null where nobody looked after all
     *
     * @throws ForbiddenMove where it was not burned
     */
    public function look(?SinkCheck $seen): void
    {
        $this->state()->after(ScreenMove::Look);
        $this->sinkCheck = $seen === null ? null : [
            'scum' => $seen->scum,
            'pinholes' => $seen->pinholes,
            'lostDots' => $seen->lostDots,
            'closedLines' => $seen->closedLines,
            'blur' => $seen->blur,
        ];
    }

    /** @param float $thicknessUm fabric and stencil by this reading */
    public function gauge(?float $eomUm, float $thicknessUm): void
    {
        $this->gaugedEomUm = $eomUm;
        $this->thicknessUm = $this->burnedSeconds === null ? null : $thicknessUm;
    }

    /** @throws ForbiddenMove where it is off already */
    public function comeOff(\DateTimeImmutable $on): void
    {
        $this->state()->after(ScreenMove::Reclaim);
        $this->goneOn = $on->format('Y-m-d');
    }

    public function burnedSeconds(): ?float
    {
        return $this->burnedSeconds;
    }

    public function burnedAt(): ?\DateTimeImmutable
    {
        return $this->burnedAt;
    }

    /** What the light integrator counted. */
    public function units(): ?float
    {
        return $this->units;
    }

    public function film(): string
    {
        return $this->withoutFilm ? Setting::WITHOUT_FILM : $this->film;
    }

    public function withoutFilm(): bool
    {
        return $this->withoutFilm;
    }

    public function lamp(): ?Lamp
    {
        return $this->lamp;
    }

    public function lampHours(): ?float
    {
        return $this->lampHours;
    }

    public function distanceMm(): ?float
    {
        return $this->distanceMm;
    }

    public function thicknessUm(): ?float
    {
        return $this->thicknessUm;
    }

    public function plate(): ?Plate
    {
        return $this->plate;
    }

    /** Whether its plate has another picture now than the one that was burned: it prints the old one. */
    public function carriesOldPicture(): bool
    {
        return $this->picture !== null && $this->plate?->picture !== null && $this->picture !== $this->plate->picture;
    }

    public function seen(): ?SinkCheck
    {
        return $this->sinkCheck === null ? null : new SinkCheck(...$this->sinkCheck);
    }

    public function isBurned(): bool
    {
        return $this->burnedSeconds !== null;
    }

    /** Whether a plate may count on it: it is not burned yet, or carries that plate’s picture. */
    public function serves(Plate $plate): bool
    {
        return $this->burnedSeconds === null || $this->plate === $plate;
    }

    public function mesh(): Mesh
    {
        return new Mesh($this->threadsPerCm, $this->threadUm, $this->dyed, $this->sheetOpeningUm, $this->sheetThicknessUm);
    }

    public function coating(): Coating
    {
        return $this->filmUm !== null
            ? Coating::film($this->mesh(), $this->filmUm, $this->emulsion->name ?? '')
            : new Coating(
                $this->mesh(),
                $this->edge,
                $this->printCoats,
                $this->squeegeeCoats,
                $this->solidsPct,
                $this->emulsion->name ?? '',
                driedBetween: $this->driedBetween,
            );
    }
}
