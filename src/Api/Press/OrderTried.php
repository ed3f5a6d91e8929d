<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Request\Within;
use Symfony\Component\Validator\Constraints as Assert;

/** An order that is tried before it is taken. */
final readonly class OrderTried
{
    /** @param list<int> $order all plates of the job */
    public function __construct(
        #[Assert\All([new Within(1, 2_000_000_000)]), Assert\Count(max: 24, maxMessage: 'names more than 24 plates.')]
        public array $order,
    ) {
    }
}
