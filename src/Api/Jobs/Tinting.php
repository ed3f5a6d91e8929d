<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Request\Hex;

/** A colour of the art that is to print as dots of another’s ink, or of two others’ beside each other. */
final readonly class Tinting
{
    public function __construct(#[Hex] public string $hex, #[Hex] public string $of, #[Hex] public ?string $with = null)
    {
    }
}
