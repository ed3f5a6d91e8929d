<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\Core\Registration\KnobTurn;

/** The turns that were made before the strike-off at hand, and what they did. */
final readonly class TurnsBefore
{
    /**
     * @param list<KnobTurn> $turns
     * @param float|null     $worstAfterMm null until it was read again
     */
    public function __construct(public array $turns, public float $worstBeforeMm, public ?float $worstAfterMm)
    {
    }
}
