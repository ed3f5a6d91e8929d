<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\PlateRole;

/** A plate as far as its cost goes: what it is for, and how much of the print it covers. */
final readonly class PlateShare
{
    /**
     * @param float       $share     of the print, 0–1
     * @param Laying|null $solvedFor strokes that its dots were reckoned for; null where nobody knows, or it has none
     */
    public function __construct(public string $ink, public PlateRole $role, public float $share, public Lab $colour, public ?Laying $solvedFor = null)
    {
    }
}
