<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

/** The plates in the order in which their screens are to be made. */
final readonly class OrderByHand
{
    /** @param list<int> $order */
    public function __construct(public array $order)
    {
    }
}
