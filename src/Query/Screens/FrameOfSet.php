<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

use Ektype\Core\Choice\RackRow;

/** The frame that a plate would get. */
final readonly class FrameOfSet
{
    public function __construct(public int $plateId, public RackRow $row)
    {
    }
}
