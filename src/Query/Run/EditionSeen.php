<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Run\Edition;
use Ektype\Core\Run\EditionPlan;

/** An edition on paper: what was chosen, and what follows. */
final readonly class EditionSeen
{
    public function __construct(public Edition $chosen, public ?EditionPlan $plan)
    {
    }
}
