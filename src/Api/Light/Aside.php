<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

/** Whether a step test is set aside. */
final readonly class Aside
{
    public function __construct(public bool $aside)
    {
    }
}
