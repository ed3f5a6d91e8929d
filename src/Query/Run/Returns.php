<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\StrikeOff\BackTo;

/** What stepping back costs, beside what is left until the job is due. */
final readonly class Returns
{
    /**
     * @param list<BackTo> $back
     * @param float|null   $leftMin working time until it is due, without what its run takes; null where nobody said when
     */
    public function __construct(public array $back, public ?float $leftMin)
    {
    }
}
