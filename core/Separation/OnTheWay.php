<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** Where a colour lies on the way from one to another: share of the other, 0–1, and how far off that way, of 255. */
final readonly class OnTheWay
{
    public function __construct(public float $share, public float $off)
    {
    }
}
