<?php

declare(strict_types=1);

namespace Ektype\App\Api\Films;

use Ektype\App\Request\Hex;

/** The tint in which a film is shown on the light table. */
final readonly class FilmTint
{
    public function __construct(#[Hex] public string $tint = '#1b1a17')
    {
    }
}
