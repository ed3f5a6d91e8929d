<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Separation\MethodName;

/** A way of printing the job, and what it would cost. */
final readonly class WayPriced
{
    /**
     * @param bool  $followed whether the job is printed so now
     * @param float $deltaE   of the print against the art, mean ΔE00
     */
    public function __construct(public MethodName $method, public string $title, public bool $followed, public int $screens, public float $deltaE, public int $eachCents, public int $totalCents, public float $hours)
    {
    }
}
