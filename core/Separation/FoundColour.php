<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** A colour that was found in the art, and what becomes of it. */
final readonly class FoundColour
{
    /**
     * @param float  $sharePct of the picture, %
     * @param string $printsAs hex of the colour with whose plate it prints
     * @param string $whyOpen  empty where it prints
     */
    public function __construct(
        public string $hex,
        public float $sharePct,
        public string $printsAs,
        public bool $leftOpen,
        public string $whyOpen,
    ) {
    }
}
