<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Request\Within;
use Symfony\Component\Validator\Constraints as Assert;

/** An order that was tried and is taken, with its flashes. */
final readonly class OrderTaken
{
    /**
     * @param list<int> $order      all plates of the job
     * @param list<int> $flashAfter of them
     */
    public function __construct(
        #[Assert\All([new Within(1, 2_000_000_000)]), Assert\Count(max: 24, maxMessage: 'names more than 24 plates.')]
        public array $order,
        #[Assert\All([new Within(1, 2_000_000_000)]), Assert\Count(max: 24)]
        public array $flashAfter,
    ) {
    }
}
