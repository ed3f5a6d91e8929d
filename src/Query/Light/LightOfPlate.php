<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\Exposure\SchoolSays;
use Ektype\Core\Unit\Beside;
use Ektype\Core\Unit\Figure;

/** The time of a plate’s screen, and what stands before and after it. */
final readonly class LightOfPlate implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param list<SchoolSays>   $schools    what each school would set the timer to
     * @param list<ShareOfDoubt> $shares     what makes the time unsure, the most first
     * @param float|null         $units      what the lamp’s light integrator is set to; null where it has none
     * @param float              $penumbraMm lines thinner than this close, by the gap between film and stencil
     */
    public function __construct(
        public int $id,
        public Figure $light,
        #[Beside]
        public ScreenInLight $screen,
        #[Beside]
        public SeenOnScreen $seen,
        public array $schools,
        public array $shares,
        public ?float $units,
        public float $penumbraMm,
    ) {
    }
}
