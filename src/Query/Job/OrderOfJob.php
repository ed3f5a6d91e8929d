<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\Core\Advice\Care;
use Ektype\Core\Order\GarmentLine;

/** What was ordered, and by when. */
final readonly class OrderOfJob
{
    /**
     * @param list<GarmentLine> $lines   the garments of the order; none where it is one that nobody counted by sizes
     * @param int|null          $againOf the job that it prints again
     * @param list<string>      $since   what has changed since that was printed
     */
    public function __construct(
        public string $customer,
        public int $quantity,
        public Care $care,
        public ?string $dueOn,
        public ?string $finishedOn,
        public array $lines,
        public ?int $againOf,
        public array $since,
    ) {
    }
}
