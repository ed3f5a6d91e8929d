<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Request\Hex;

/** Whether something holds for a colour. */
final readonly class OnOff
{
    public function __construct(#[Hex] public string $hex, public bool $on)
    {
    }
}
