<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;

/** The width to which thin lines of a colour are brought, mm; 0 leaves them as they are. */
final readonly class Thickening
{
    public function __construct(#[Hex] public string $hex, #[Within(0, 2, 'mm')] public float $mm)
    {
    }
}
