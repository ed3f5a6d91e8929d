<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** A term of a time of light as a factor on it; the lamp’s own is in seconds. */
final readonly class TimePart
{
    /** So much of a factor is about a doubling, nine times in ten. */
    private const HALF_OR_DOUBLE_PCT = 42.0;

    /** @param float $sdPct how well it is known, % */
    public function __construct(public string $name, public float $factor, public float $sdPct, public bool $isSeconds)
    {
    }

    public function words(): string
    {
        return \sprintf(
            $this->isSeconds ? '%s: %.1f s, %s' : '%s: × %.2f, %s',
            $this->name,
            $this->factor,
            // From here on a percentage says less than what it does to the time.
            $this->sdPct >= self::HALF_OR_DOUBLE_PCT ? 'could be half or double' : \sprintf('give or take %.0f %%', $this->sdPct),
        );
    }
}
