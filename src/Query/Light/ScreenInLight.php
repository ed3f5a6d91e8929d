<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\Reckoning\StencilNow;
use Ektype\App\Shop\Plate\BeforeLight;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Press\FilmPlacement;

/** The screen as it comes to the light. */
final readonly class ScreenInLight
{
    /**
     * @param float              $thicknessUm      fabric and stencil, where light must reach through
     * @param FilmPlacement|null $placement        null without a frame
     * @param list<BeforeLight>  $beforeLight      what was done
     * @param list<BeforeLight>  $beforeLightAsked what is to be done
     * @param string             $contactSays      how film and stencil are brought together under this lamp
     */
    public function __construct(
        public Mesh $meshGeometry,
        public float $thicknessUm,
        public ?FilmPlacement $placement,
        public ?StencilNow $stencilNow,
        public array $beforeLight,
        public array $beforeLightAsked,
        public string $contactSays,
    ) {
    }
}
