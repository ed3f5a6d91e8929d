<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

use Symfony\Component\Validator\Constraints\All;
use Symfony\Component\Validator\Constraints\Type;

/** The plates in the order in which their screens are to be made. */
final readonly class OrderByHand
{
    /** @param list<int> $order */
    public function __construct(
        #[All([new Type('int', 'is no number of a plate. Open the plan anew.')])]
        public array $order,
    ) {
    }
}
