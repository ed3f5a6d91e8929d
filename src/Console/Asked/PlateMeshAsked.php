<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;
use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Choice\RulingSchool;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Unit\Point;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** A plate that asks for a mesh. */
final readonly class PlateMeshAsked
{
    /**
     * @param Point|null      $tones     lightest and darkest tone of its halftone, 0–1
     * @param list<MeshAsked> $ownMeshes meshes of the shop beside the typical ones
     */
    public function __construct(
        public PlateRole $role,
        public Substrate $substrate,
        public InkKind $ink = InkKind::Plastisol,
        #[Within(0.02, 100, 'mm')]
        public ?float $finestLineMm = null,
        #[Within(0.02, 100, 'mm')]
        public ?float $finestGapMm = null,
        #[Bounded(Quantity::Ruling)]
        public ?float $lpi = null,
        #[Hex]
        public string $garment = '#ffffff',
        public ?Point $tones = null,
        #[Within(1, 500, 'µm')]
        public ?float $depositUm = null,
        #[Within(3, 8)]
        public float $divisor = RulingSchool::USUAL,
        #[Assert\Valid]
        public array $ownMeshes = [],
    ) {
    }

    public function question(): MeshQuestion
    {
        return new MeshQuestion(
            $this->role,
            $this->substrate,
            $this->ink,
            $this->finestLineMm,
            $this->lpi,
            Lab::of(Srgb::fromHex($this->garment)),
            finestGapMm: $this->finestGapMm,
            tones: $this->tones === null ? null : new Tones($this->tones->xMm, $this->tones->yMm),
            depositUm: $this->depositUm,
            divisor: $this->divisor,
        );
    }
}
