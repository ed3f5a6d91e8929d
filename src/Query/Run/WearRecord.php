<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Ink\Vehicle;

/** What the shop’s tests say of this ink on this cloth. */
final readonly class WearRecord
{
    /**
     * @param list<WearShown> $tests of this kind of ink or this cloth, the latest first
     * @param list<string>    $says  what they have moved
     */
    public function __construct(public Vehicle $vehicle, public array $tests, public array $says)
    {
    }
}
