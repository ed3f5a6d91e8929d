<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Darkroom\Darkroom;
use Ektype\Core\Unit\Point;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** Screens to be made, and the room in which they are. */
final readonly class RoomAsked
{
    /**
     * @param list<ScreenAsked> $screens
     * @param Point|null        $openH   hours of the day at which it opens and closes
     */
    public function __construct(
        #[Assert\Valid]
        public array $screens,
        public ?Point $openH = null,
        #[Bounded(Quantity::DryingPlaces)]
        public int $dryingPlaces = 8,
        #[Within(0, 24, 'h')]
        public ?float $startsH = null,
        #[Within(1, 50)]
        public int $hands = Darkroom::USUAL_HANDS,
    ) {
    }
}
