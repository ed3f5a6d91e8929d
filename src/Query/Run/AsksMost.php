<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Ink\CureNeed;
use Ektype\Core\Ink\Vehicle;

/** The ink of a job that asks most of the dryer. */
final readonly class AsksMost
{
    /** @param float $filmUm as it stands, its water gone */
    public function __construct(public CureNeed $need, public float $filmUm, public string $ink, public Vehicle $vehicle)
    {
    }
}
