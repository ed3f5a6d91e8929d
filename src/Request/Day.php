<?php

declare(strict_types=1);

namespace Ektype\App\Request;

use Symfony\Component\Validator\Constraint;

/** A day as year-month-day. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Day extends Constraint
{
    /** @param bool $hasBeen whether it cannot be still to come */
    public function __construct(public readonly bool $hasBeen = false)
    {
        parent::__construct();
    }
}
