<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

/** The message that a job of the demo is to be carried further once its plates are drawn. */
final readonly class CarryDemoOn
{
    public function __construct(public int $jobId, public bool $films = false, public bool $frames = false, public bool $strikeOff = false, public ?DemoRun $run = null)
    {
    }
}
