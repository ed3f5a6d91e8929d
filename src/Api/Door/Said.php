<?php

declare(strict_types=1);

namespace Ektype\App\Api\Door;

use Ektype\App\Request\Words;

/** The pass-phrase as it was typed, and what the device is called. */
final readonly class Said
{
    public function __construct(#[Words(200)] public string $phrase, #[Words(80)] public string $device = 'A device')
    {
    }
}
