<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Ink\InkKind;

/** An ink of the shelf. */
final readonly class InkRow implements Row
{
    public function __construct(
        #[Words(80)]
        public string $name,
        #[Hex]
        public string $hex,
        public InkKind $kind,
        #[Within(1, 100, '%')]
        public float $hidingPct,
    ) {
    }
}
