<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** A term of a time of light as a factor on it; the lamp’s own is in seconds. */
final readonly class TimePart
{
    /** @param float $sdPct how well it is known, % */
    public function __construct(public string $name, public float $factor, public float $sdPct, public bool $isSeconds)
    {
    }

    public function words(): string
    {
        return \sprintf(
            $this->isSeconds ? '%s: %.1f s, known to %.0f %%' : '%s: × %.2f, known to %.0f %%',
            $this->name,
            $this->factor,
            $this->sdPct,
        );
    }
}
