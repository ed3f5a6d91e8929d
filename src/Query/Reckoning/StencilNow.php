<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

/** The coating that is on a frame now. */
final readonly class StencilNow
{
    /**
     * @param string $coatedAt     local time
     * @param string $readyAt      local time at which it is dry
     * @param float  $dampForMin   minutes until it is dry; 0 when it is
     * @param int    $keepsForDays days that it still keeps in the dark; under zero it is too old
     * @param bool   $told         whether the shop told how it was coated
     * @param string $mind         what must be minded of it; empty where nothing
     * @param bool   $oldPicture   whether it was burned with a picture that its plate had before
     */
    public function __construct(
        public string $emulsion,
        public string $coating,
        public string $coatedAt,
        public string $readyAt,
        public float $dampForMin,
        public int $keepsForDays,
        public bool $told,
        public ?float $gaugedEomUm,
        public ?float $burnedSeconds,
        public string $mind,
        public bool $oldPicture,
    ) {
    }
}
