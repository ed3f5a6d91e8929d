<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

/** How wide and high a page is, both in the unit of whoever asked. */
final readonly class PageSize
{
    public function __construct(public float $width, public float $height)
    {
    }
}
