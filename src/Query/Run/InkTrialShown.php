<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Ink\InkTried;

/** A trial of an ink, and what it says. */
final readonly class InkTrialShown
{
    public function __construct(public int $id, public InkTried $trial, public string $says)
    {
    }
}
