<?php

declare(strict_types=1);

namespace Ektype\App\Api\Trials;

/** A picture that was kept. */
final readonly class PictureNamed
{
    public function __construct(public string $name)
    {
    }
}
