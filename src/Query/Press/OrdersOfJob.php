<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

/** The orders in which a job can print: as it stands, the best, and those of the schools. */
final readonly class OrdersOfJob
{
    /**
     * @param OrderShown|null  $best    null where its dots are solved for the order they have, or plates are too many to try
     * @param list<OrderShown> $schools
     * @param string           $says    why there is no best; empty where there is
     */
    public function __construct(public OrderShown $now, public ?OrderShown $best, public array $schools, public string $says)
    {
    }
}
