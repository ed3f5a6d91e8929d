<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Plate\PlateRole;

/** What the print order asks of a plate. */
final readonly class PlateToOrder
{
    /**
     * @param float          $share        of the picture, 0–1
     * @param float|null     $threadsPerCm of its mesh; null where none is known, which counts as fine
     * @param list<int>|null $touches      plates whose ink lies beside or over its own, by their index; null where nobody knows
     */
    public function __construct(public PlateRole $role, public Lab $lab, public float $share, public ?float $threadsPerCm = null, public ?array $touches = null)
    {
    }
}
