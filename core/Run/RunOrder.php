<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** What a run is held against: the order, the screens, the rhythm that was reckoned, and how often the register is looked at. */
final readonly class RunOrder
{
    /**
     * @param list<RunLine>      $lines
     * @param array<int, string> $plates        names by number, in print order
     * @param float              $secondsAPiece with the usual pauses; 0 where it is not reckoned
     * @param int                $lookEvery     pieces
     * @param TableOnRun|null    $table         null where the press carries all screens at once
     */
    public function __construct(public array $lines, public array $plates, public float $secondsAPiece, public int $lookEvery, public ?TableOnRun $table = null)
    {
    }
}
