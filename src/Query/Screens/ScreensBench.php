<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

/** The screens of a job. */
final readonly class ScreensBench
{
    /** @param list<ScreenOfPlate> $plates in print order */
    public function __construct(public array $plates)
    {
    }
}
