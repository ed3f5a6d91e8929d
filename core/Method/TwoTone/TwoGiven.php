<?php

declare(strict_types=1);

namespace Ektype\Core\Method\TwoTone;

use Ektype\Core\Separation\GivenInk;

/** The two inks of a print. */
final readonly class TwoGiven
{
    public function __construct(public GivenInk $dark, public GivenInk $light)
    {
    }
}
