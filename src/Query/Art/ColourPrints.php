<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** What becomes of a colour. */
final readonly class ColourPrints
{
    /**
     * @param int|null $lockedInkId the ink that it is locked to
     * @param bool     $givenAway   whether the printer gave it to the garment
     */
    public function __construct(
        public string $printsAs,
        public bool $leftOpen,
        public string $whyOpen,
        public bool $givenAway,
        public bool $isSplit,
        public ?int $lockedInkId,
    ) {
    }
}
