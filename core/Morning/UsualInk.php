<?php

declare(strict_types=1);

namespace Ektype\Core\Morning;

use Ektype\Core\Ink\InkKind;

/** An ink that such a shop usually has; colour and hiding stand until a drawdown is read (heuristic). */
final readonly class UsualInk
{
    /** @param float $hiding 0–1 */
    public function __construct(public string $name, public string $hex, public InkKind $kind, public float $hiding)
    {
    }
}
