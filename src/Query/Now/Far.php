<?php

declare(strict_types=1);

namespace Ektype\App\Query\Now;

/** How far the work is that a page waits for. */
final readonly class Far
{
    /**
     * @param string $step  in words; empty where the page waits for nothing
     * @param float  $share that is done, 0–1
     */
    public function __construct(public string $step, public float $share)
    {
    }
}
