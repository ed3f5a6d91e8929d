<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** What a strike-off has shown of a plate along the stroke. */
final readonly class DragSeen
{
    /**
     * @param bool      $pushed whether the stroke went away from the operator
     * @param self|null $key    where screens were fitted at rest: what all drag alike cancels, so only the difference to the key is seen
     */
    public function __construct(
        public string $ink,
        public float $offContactMm,
        public float $tensionNPerCm,
        public float $alongStrokeMm,
        public bool $pushed = false,
        public ?self $key = null,
    ) {
    }
}
