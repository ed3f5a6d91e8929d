<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Hex;

/** Inks are to be chosen from a shelf. */
final readonly class InksAsked
{
    /**
     * @param string $locked    names of inks that are chosen in any case, with commas between
     * @param string $forbidden names of inks that are not
     */
    public function __construct(
        #[Hex]
        public string $garment,
        public string $palette = '',
        public int $max = 8,
        public string $locked = '',
        public string $forbidden = '',
    ) {
    }
}
