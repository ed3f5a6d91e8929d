<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

/** The size of a film of a set, and the media that the set takes, mm. */
final readonly class MediaUsed
{
    public function __construct(
        public float $filmWidthMm,
        public float $filmHeightMm,
        public float $marginXMm,
        public float $marginYMm,
        public float $mediaWidthMm,
        public float $pageLengthMm,
        public float $usedMm,
        public int $pages,
    ) {
    }
}
