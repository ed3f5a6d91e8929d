<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Request\Within;
use Symfony\Component\Validator\Constraints as Assert;

/** What was turned on the virtual press so far. */
final readonly class PracticeTurns
{
    /** @param list<list<list<float>>> $turns each pull: for each plate, turns of each knob */
    public function __construct(
        #[Within(1, 1_000_000)]
        public int $seed,
        #[Assert\Count(max: 60, maxMessage: 'has more than 60 pulls. Begin a new game.')]
        public array $turns = [],
    ) {
    }
}
