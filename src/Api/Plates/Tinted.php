<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Request\Hex;

/** The tint in which a film is shown. */
final readonly class Tinted
{
    public function __construct(#[Hex] public string $tint = '#1b1a17')
    {
    }
}
