<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** What of a job’s way of printing an order is weighed by. */
final readonly class OrderTerms
{
    /**
     * @param bool $tonal whether dots or squares carry tones: on fine mesh they print wet on wet, and what lies over each other was reckoned so
     * @param bool $dries whether each plate dries on the rack before the next: nothing is wet then, and nothing flashed
     */
    public function __construct(public bool $tonal = false, public bool $dries = false)
    {
    }
}
