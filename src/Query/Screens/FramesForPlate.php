<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

/** The rack as a plate sees it. */
final readonly class FramesForPlate
{
    /**
     * @param list<FrameForPlate> $frames that can be taken, best first
     * @param string              $others how many are left out, and why; empty where none is
     */
    public function __construct(public array $frames, public string $others)
    {
    }
}
