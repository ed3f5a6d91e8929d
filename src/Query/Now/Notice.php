<?php

declare(strict_types=1);

namespace Ektype\App\Query\Now;

/** Something that everybody in the shop should know now. */
final readonly class Notice
{
    public function __construct(public string $says)
    {
    }
}
