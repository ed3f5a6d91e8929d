<?php

declare(strict_types=1);

namespace Ektype\App\Api\Days;

use Ektype\App\Request\Within;

/** What if a job comes later. */
final readonly class DaysAsked
{
    public function __construct(public ?int $late = null, #[Within(0.1, 60, 'days')] public float $by = 1.0)
    {
    }
}
