<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

/** A kind of thing as it is kept, and as a printer says it. */
final readonly class NamedKind
{
    public function __construct(public string $kind, public string $says)
    {
    }
}
