<?php

declare(strict_types=1);

namespace Ektype\App\Query\Plates;

use Ektype\Core\Method\Spot\SeenChange;

/** The best print with so many inks. */
final readonly class CostRow
{
    /** @param list<Becomes> $becomes what was given up, and what it prints as */
    public function __construct(public int $inks, public array $becomes, public SeenChange $change)
    {
    }
}
