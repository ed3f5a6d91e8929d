<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Plate\Substrate;

/** What is printed on. */
final readonly class Cloth
{
    /** @param float $seamMm the highest seam, zip or pocket under a screen */
    public function __construct(public Lab $colour, public Substrate $substrate, public float $seamMm = 0.0)
    {
    }

    public function dyed(Lab $colour): self
    {
        return new self($colour, $this->substrate, $this->seamMm);
    }
}
