<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\Core\Press\SetUp;

/** A line of the set-up list. */
final readonly class SetUpLine
{
    public function __construct(public SetUp $what, public string $says, public bool $done)
    {
    }
}
