<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\Core\Print\FlashOfPlate;

/** A flash on the way of a piece round the press. */
final readonly class FlashOnRun
{
    public function __construct(public int $plateId, public string $after, public FlashOfPlate $flash)
    {
    }
}
