<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\Reckoning\StencilNow;
use Ektype\App\Shop\Plate\BeforeLight;
use Ektype\Core\Exposure\LightFault;
use Ektype\Core\Exposure\SchoolSays;
use Ektype\Core\Exposure\SinkCheck;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Press\FilmPlacement;
use Ektype\Core\Unit\Figure;

/** The time of a plate’s screen, and what stands before and after it. */
final readonly class LightOfPlate
{
    /**
     * @param float              $thicknessUm fabric and stencil, where light must reach through
     * @param FilmPlacement|null $placement   null without a frame
     * @param list<BeforeLight>  $beforeLight what was done
     * @param SinkCheck|null     $sinkCheck   null until somebody looked
     * @param list<LightFault>   $faults      what was likely wrong with what was seen, the likeliest first
     * @param list<SchoolSays>   $schools     what each school would set the timer to
     * @param list<ShareOfDoubt> $shares      what makes the time unsure, the most first
     * @param float|null         $units       what the lamp’s light integrator is set to; null where it has none
     * @param string             $inkMind     what the ink of this plate does to its stencil; empty where it stands
     * @param float              $penumbraMm  lines thinner than this close, by the gap between film and stencil
     */
    public function __construct(
        public int $id,
        public Figure $light,
        public Mesh $meshGeometry,
        public float $thicknessUm,
        public ?FilmPlacement $placement,
        public ?StencilNow $stencilNow,
        public array $beforeLight,
        public ?SinkCheck $sinkCheck,
        public array $faults,
        public array $schools,
        public array $shares,
        public ?float $units,
        public float $penumbraMm,
        public string $says,
        public string $inkMind,
    ) {
    }
}
