<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Order\LineChange;

/** A garment of the order, and what it changes at the press. */
final readonly class LineOnRun
{
    /** The colour of the garment in a word. */
    public string $cloth;

    public function __construct(public GarmentLine $line, public int $pieces, public LineChange $change)
    {
        $this->cloth = $line->cloth();
    }
}
