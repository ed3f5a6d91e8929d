<?php

declare(strict_types=1);

namespace Ektype\Core\Flash;

/** How long a print stays under a flash, s. */
final readonly class Dwell
{
    /** @param float|null $scorchS from when on it scorches; null where it never does */
    public function __construct(public float $fromS, public float $toS, public float $middleS, public ?float $scorchS)
    {
    }

    /** What a timer is set to: the half second nearest the middle, where it gels. */
    public function timerS(): float
    {
        $half = round(2 * $this->middleS) / 2;

        return $half >= $this->fromS && $half <= $this->toS ? $half : $this->middleS;
    }
}
