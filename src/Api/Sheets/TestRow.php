<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Request\Day;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;

/** A step test with its reading. */
final readonly class TestRow
{
    private const LONGEST_S = 7200.0;

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
        #[Within(0.1, self::LONGEST_S, 's')]
        public ?float $lowS = null,
        #[Within(0.1, self::LONGEST_S, 's')]
        public ?float $bestS = null,
        #[Within(0.1, self::LONGEST_S, 's')]
        public ?float $highS = null,
        #[Words(200, mayBeEmpty: true)]
        public string $remark = '',
    ) {
    }
}
