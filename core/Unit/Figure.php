<?php

declare(strict_types=1);

namespace Ektype\Core\Unit;

/**
 * One figure as a printer gets it: value and unit, the 90 % interval where it is an estimate, where it comes
 * from, and what would change it. This is what the screen opens under “Why?”.
 */
final readonly class Figure
{
    /**
     * @param list<string> $inputs      each input in words with its value and unit
     * @param string       $source      geometry, trade default, or n tests of this shop
     * @param string       $formula     in words
     * @param string       $school      the trade habit chosen, empty where there is none
     * @param string       $between     what low and high are: an interval nine times in ten, or the usual ends of a trade figure
     * @param string       $wouldChange what would make it other or surer
     */
    public function __construct(
        public ?float $value,
        public string $unit,
        public Sign $sign,
        public string $source,
        public string $formula,
        public array $inputs = [],
        public string $school = '',
        public string $wouldChange = '',
        public ?float $low = null,
        public ?float $high = null,
        public string $text = '',
        public string $between = 'nine times in ten',
    ) {
    }
}
