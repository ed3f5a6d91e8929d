<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\Core\Run\RunEventKind;

/** Pieces that came off together. */
final readonly class PieceAsked
{
    public function __construct(public float $atS, public int $pieces = 1, public RunEventKind $kind = RunEventKind::Good)
    {
    }
}
