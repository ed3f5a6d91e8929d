<?php

declare(strict_types=1);

namespace Ektype\App\Api\Days;

use Symfony\Component\Validator\Constraints as Assert;

/** The jobs in the order in which they are to go on the presses. */
final readonly class DaysByHand
{
    /** @param list<int> $order */
    public function __construct(
        #[Assert\Count(min: 1, max: 200, minMessage: 'names no job.')]
        public array $order,
    ) {
    }
}
