<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\Core\Press\SetUp;

/** A thing of the press’s set-up. */
final readonly class SetUpDone
{
    public function __construct(public SetUp $done, public bool $on)
    {
    }
}
