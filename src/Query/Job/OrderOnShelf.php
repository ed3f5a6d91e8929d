<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** What was ordered, and by when. */
final readonly class OrderOnShelf
{
    /**
     * @param int|null $daysLeft until it is due; under zero it is late
     */
    public function __construct(
        public string $customer,
        public int $quantity,
        public ?string $dueOn,
        public ?string $finishedOn,
        public ?int $daysLeft,
    ) {
    }
}
