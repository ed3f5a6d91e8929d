<?php

declare(strict_types=1);

namespace Ektype\Core\Method\TwoTone;

use Ektype\Core\Tone\TonePlate;

/** The films of a picture in a dark and a light ink. */
final readonly class TwoTonePlates
{
    /**
     * @param float        $holdBackMm how far the light dots keep from the dark ones: so far the plates may shift before one lies on the other
     * @param float        $gaveUp     of the light film for that, 0–1
     * @param list<string> $says       plain sentences: what the print cannot show
     */
    public function __construct(
        public TonePlate $dark,
        public TonePlate $light,
        public float $holdBackMm,
        public float $gaveUp,
        public Middle $middle,
        public array $says,
    ) {
    }
}
