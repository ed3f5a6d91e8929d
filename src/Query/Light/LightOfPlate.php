<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\Reckoning\StencilNow;
use Ektype\App\Shop\Plate\BeforeLight;
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
    ) {
    }
}
