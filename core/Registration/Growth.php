<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** How much the print has grown, %; null where the marks do not tell. */
final readonly class Growth
{
    /** @param float|null $alongLinePct along the line of the marks, where they lie on one; $lineDeg is its direction */
    public function __construct(public ?float $xPct, public ?float $yPct, public ?float $alongLinePct = null, public ?float $lineDeg = null)
    {
    }
}
