<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

/** The best set of frames for the plates of a job that are not burned yet. */
final readonly class FrameSet
{
    /**
     * @param list<FrameOfSet> $plates
     * @param list<string>     $missing plain sentences
     */
    public function __construct(public array $plates, public float $tensionSpreadNPerCm, public array $missing)
    {
    }
}
