<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

use Ektype\Core\Choice\RankedMesh;
use Ektype\Core\Press\FilmPlacement;
use Ektype\Core\Screen\FrameState;

/** The frame that a plate has, or could have. */
final readonly class FrameOfScreen
{
    /**
     * @param list<RankedMesh>   $meshes     best first
     * @param FilmPlacement|null $placement  null without a frame
     * @param list<string>       $frameFirst what must be done to its frame before it can be burned
     */
    public function __construct(
        public array $meshes,
        public ?FilmPlacement $placement,
        public ?FrameState $frameState,
        public array $frameFirst,
    ) {
    }
}
