<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

use Ektype\Core\Separation\Plan;

/** A plan as a page is told of it. */
final readonly class ShownPlan implements \JsonSerializable
{
    public function __construct(private Plan $plan)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return Codec::shown($this->plan);
    }
}
