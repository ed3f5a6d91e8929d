<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Cure\Dryer;

/** A dryer as it was set. */
final readonly class DryerOnShelf
{
    /** @param int $runs of a probe that its heat rests on */
    public function __construct(public int $id, public Dryer $set, public int $runs)
    {
    }
}
