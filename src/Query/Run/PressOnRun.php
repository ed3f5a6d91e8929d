<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Press\PressWay;

/** The press at which a run stands, as its bench draws it. */
final readonly class PressOnRun
{
    /** @param int $platens on a table the stops at which pieces lie */
    public function __construct(public PressWay $way, public int $heads, public int $platens)
    {
    }
}
