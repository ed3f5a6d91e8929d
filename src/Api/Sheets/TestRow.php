<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Day;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Unit\Quantity;

/** A step test with its reading. */
final readonly class TestRow
{
    public function __construct(
        #[Words(60)]
        public string $lamp,
        #[Words(60)]
        public string $emulsion,
        #[Words(10), Day(hasBeen: true)]
        public string $doneOn,
        #[Within(5, 2000, 'µm')]
        public float $thicknessUm,
        public bool $dyed = false,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $lowS = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $bestS = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $highS = null,
        #[Words(200, mayBeEmpty: true)]
        public string $remark = '',
    ) {
    }
}
