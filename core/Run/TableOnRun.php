<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** A press that prints colour after colour: the pieces lie still, and one frame comes to them. */
final readonly class TableOnRun
{
    /**
     * @param int               $stops pieces that lie on it at a time
     * @param array<int, float> $dryS  by plate: from its last stroke on a piece until the next colour may come down there
     */
    public function __construct(public int $stops, public array $dryS)
    {
    }
}
