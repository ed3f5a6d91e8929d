<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Layers\LayerChain;
use Ektype\Core\Mix\AngleSchool;
use Ektype\Core\Mix\BaseWay;
use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\LayerEdge;
use Ektype\Core\Mix\MixWished;
use Ektype\Core\Mix\OrderSchool;
use Ektype\Core\Plate\Laying;
use Symfony\Component\Validator\Constraints as Assert;

/** A change to how a picture in many inks is printed; what is not named stays. */
final readonly class MixPatch
{
    /**
     * @param list<int>|null    $inks            of the shelf, in print order where they print as listed; none lets them be chosen
     * @param int|null          $screens         all of them; 0 takes as many as are worth it
     * @param list<int>|null    $locked          chosen in any case
     * @param list<int>|null    $forbidden       never chosen
     * @param bool              $baseByGarment   whether the base follows the garment again
     * @param float|null        $black           share of the grey that black takes, %
     * @param float|null        $total           ink together at the most, %
     * @param Laying|null       $laying          of the base
     * @param bool              $layingByGarment whether its strokes follow the garment again
     * @param HalfTone|null     $half            of one plate
     * @param list<string>|null $tints           in print order, #rrggbb; none lets them be proposed
     * @param bool              $profileOff      whether four-colour process goes by the inks of the shelf again
     */
    public function __construct(
        #[Assert\All([new Within(1, 2_000_000_000)]), Assert\Count(max: 12)]
        public ?array $inks = null,
        #[Within(0, 14)]
        public ?int $screens = null,
        #[Assert\All([new Within(1, 2_000_000_000)]), Assert\Count(max: 12)]
        public ?array $locked = null,
        #[Assert\All([new Within(1, 2_000_000_000)]), Assert\Count(max: 60)]
        public ?array $forbidden = null,
        public ?BaseWay $base = null,
        public bool $baseByGarment = false,
        public ?bool $highlight = null,
        public ?OrderSchool $order = null,
        #[Within(40, 300, 'squares an inch')]
        public ?float $squaresDpi = null,
        public ?Diffusion $diffusion = null,
        public ?AngleSchool $angles = null,
        #[Within(0, 100, '%')]
        public ?float $black = null,
        #[Within(120, 400, '%')]
        public ?float $total = null,
        #[Within(1, LayerChain::MOST)]
        public ?int $layers = null,
        #[Assert\All([new Hex()]), Assert\Count(max: LayerChain::MOST)]
        public ?array $tints = null,
        public ?LayerEdge $edge = null,
        public ?Laying $laying = null,
        public bool $layingByGarment = false,
        #[Assert\Valid]
        public ?HalfTone $half = null,
        public bool $profileOff = false,
    ) {
    }

    public function wished(): MixWished
    {
        return new MixWished(
            $this->inks,
            $this->screens,
            $this->locked,
            $this->forbidden,
            $this->base,
            $this->baseByGarment,
            $this->highlight,
            $this->order,
            $this->squaresDpi,
            $this->diffusion,
            $this->angles,
            $this->black === null ? null : $this->black / 100,
            $this->total === null ? null : $this->total / 100,
            $this->layers,
            $this->tints === null ? null : array_map(Srgb::fromHex(...), $this->tints),
            $this->edge,
            $this->laying,
            $this->layingByGarment,
            $this->half === null ? [] : [$this->half->ink => $this->half->prints],
            profileOff: $this->profileOff,
        );
    }
}
