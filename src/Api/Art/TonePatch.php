<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Request\Within;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Plate\ImpossibleTones;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Tone\ImpossibleTone;
use Ektype\Core\Tone\Middle;
use Ektype\Core\Tone\TonesWished;
use Symfony\Component\Validator\Constraints as Assert;

/** A change to how a picture in tones is printed; what is not named stays. */
final readonly class TonePatch
{
    /**
     * @param float|null           $darkest        lightness of the picture that prints as its darkest, L*
     * @param float|null           $lightest       lightness that prints as its lightest, L*
     * @param list<TonePoint>|null $bend           lightness of the picture and lightness wished, L*
     * @param list<TonePoint>|null $grounds        places given to the garment, shares of width and height
     * @param float|null           $reach          how far a ground may differ from the place touched, % of full scale
     * @param float|null           $crisp          how much small differences are brought out, %
     * @param float|null           $holdsFrom      lightest tone that the mesh holds, %; together with holdsTo
     * @param int|null             $ink            of the shelf, for one ink; 0 lets the garment choose
     * @param int|null             $darkInk        for two tones; 0 takes the darkest
     * @param int|null             $lightInk       0 takes the lightest
     * @param bool                 $holdBackByFilm one film pixel, whatever the film
     */
    public function __construct(
        #[Within(0, 100)]
        public ?float $darkest = null,
        #[Within(0, 100)]
        public ?float $lightest = null,
        #[Within(0.2, 5)]
        public ?float $middleTone = null,
        #[Assert\Valid, Assert\Count(max: 16)]
        public ?array $bend = null,
        #[Within(0, 100, '%')]
        public ?float $crisp = null,
        #[Assert\Valid, Assert\Count(max: 12)]
        public ?array $grounds = null,
        #[Within(0, 60, '%')]
        public ?float $reach = null,
        #[Within(Supercell::LEAST_LPI, 200, 'lines per inch')]
        public ?float $lpi = null,
        #[Within(-Supercell::MOST_ANGLE, Supercell::MOST_ANGLE, '°')]
        public ?float $angleDeg = null,
        public ?Dot $dot = null,
        #[Within(0, 100, '%')]
        public ?float $holdsFrom = null,
        #[Within(0, 100, '%')]
        public ?float $holdsTo = null,
        #[Within(0, 2_000_000_000)]
        public ?int $ink = null,
        #[Within(0, 2_000_000_000)]
        public ?int $darkInk = null,
        #[Within(0, 2_000_000_000)]
        public ?int $lightInk = null,
        #[Within(0, 2, 'mm')]
        public ?float $holdBackMm = null,
        public bool $holdBackByFilm = false,
        public ?Middle $middle = null,
        public bool $middleByArt = false,
        public ?Laying $laying = null,
        public bool $layingByGarment = false,
    ) {
    }

    /** @throws ImpossibleTone where the two ends are none */
    public function wished(): TonesWished
    {
        $points = static fn (TonePoint $p): array => [$p->x, $p->y];

        return new TonesWished(
            $this->darkest,
            $this->lightest,
            $this->middleTone,
            $this->bend === null ? null : array_map($points, $this->bend),
            $this->crisp === null ? null : $this->crisp / 100,
            $this->grounds === null ? null : array_map($points, $this->grounds),
            $this->reach,
            $this->lpi,
            $this->angleDeg,
            $this->dot,
            $this->range(),
            $this->ink,
            $this->darkInk,
            $this->lightInk,
            $this->holdBackByFilm ? -1.0 : $this->holdBackMm,
            $this->middle,
            $this->middleByArt,
            $this->laying,
            $this->layingByGarment,
        );
    }

    private function range(): ?Tones
    {
        if ($this->holdsFrom === null && $this->holdsTo === null) {
            return null;
        }

        try {
            return new Tones(($this->holdsFrom ?? 0.0) / 100, ($this->holdsTo ?? 100.0) / 100);
        } catch (ImpossibleTones $none) {
            throw ImpossibleTone::at('holdsFrom', $none->getMessage());
        }
    }
}
