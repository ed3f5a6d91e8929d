<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Plan\MergePatch;
use Ektype\App\Request\Hex;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Tone\SmallLook;

/** Tones that are tried before they are kept. */
final readonly class ToneTrial
{
    /**
     * @param array<string, mixed> $plan        what would be chosen of the plan at hand
     * @param string|null          $garmentHex  another garment to look at it on
     * @param bool                 $uncorrected as the press would print it from a film that does not undo its gain
     * @param bool                 $glance      at once, if less closely
     */
    public function __construct(
        #[MergePatch(Plan::class)]
        public array $plan = [],
        #[Hex]
        public ?string $garmentHex = null,
        public bool $uncorrected = false,
        public bool $glance = false,
    ) {
    }

    public function look(): SmallLook
    {
        return new SmallLook($this->garmentHex === null ? null : Srgb::fromHex($this->garmentHex), $this->uncorrected, $this->glance);
    }
}
