<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\Reckoning\SurpriseOfTest;
use Ektype\App\Query\Shelves\LampOnShelf;

/** A lamp: how it fades, what was burned under it, what of its tests is doubted. */
final readonly class LampBench
{
    /**
     * @param list<DriftSeen>      $drift     its tests over its hours
     * @param float                $nowFactor what it takes now against what it took new
     * @param float                $nowLow    of it, nine times in ten
     * @param list<SurpriseOfTest> $surprises of them
     * @param list<BurnSeen>       $burns     latest first
     * @param string               $due       why a new test is due; empty where none is
     */
    public function __construct(
        public LampOnShelf $lamp,
        public array $drift,
        public float $perThousandHPct,
        public float $nowFactor,
        public float $nowLow,
        public float $nowHigh,
        public string $due,
        public array $surprises,
        public array $burns,
        public float $penumbraMm,
        public string $penumbraSays,
    ) {
    }
}
