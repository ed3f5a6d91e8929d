<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** The press stood. */
final readonly class Stop
{
    /** @param int|null $toMs null while it stands */
    public function __construct(public int $fromMs, public ?int $toMs, public StopReason $reason)
    {
    }

    public function minutes(int $nowMs): float
    {
        return max(0.0, (($this->toMs ?? $nowMs) - $this->fromMs) / 60_000);
    }
}
