<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Request\Within;
use Ektype\App\Request\Words;

/** Which jobs are looked for: by words of customer, name, garment, colour or ink, and which page of them. */
final readonly class JobsAsked
{
    public function __construct(#[Words(200)] public ?string $find = null, #[Within(1, 10_000)] public int $page = 1)
    {
    }
}
