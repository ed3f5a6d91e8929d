<?php

declare(strict_types=1);

namespace Ektype\Core\Flash;

/** What a reading says of how long a flash of this shop takes, against the usual of such a flash. */
final readonly class FlashReading
{
    /** @param float $times the heating time at which it would be just so; wet says that it takes longer, slick that it takes less */
    public function __construct(public float $times, public FlashSign $sign = FlashSign::Probe)
    {
    }

    /**
     * @param float|null $celsius what a probe read; null where a finger felt it
     *
     * @throws ImpossibleFlash where it cannot be
     */
    public static function of(FlashCurve $curve, float $seconds, FlashSign $sign, ?float $celsius): self
    {
        if ($sign === FlashSign::Probe && $celsius === null) {
            throw ImpossibleFlash::at('celsius', 'A probe reads a temperature. Give it, or say how the ink felt.');
        }

        return new self($curve->learned($seconds, $celsius ?? $sign->celsius()), $sign);
    }
}
