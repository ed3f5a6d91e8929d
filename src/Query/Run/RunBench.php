<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Film\RegistrationMark;
use Ektype\Core\Separation\WitnessSpot;

/** What the work order says besides the strips of the plates. */
final readonly class RunBench
{
    /**
     * @param list<WitnessSpot>      $witnesses
     * @param list<PlateOnRun>       $runs      plate by plate, in print order
     * @param list<LineOnRun>        $garments  what is printed on; one line where nobody counted by sizes
     * @param string                 $lampName  empty where none was chosen
     * @param list<string>           $after     what is done when the last piece is off
     * @param list<RegistrationMark> $marks     as the art lies, from its centre, up
     * @param bool                   $begun     whether pieces were counted
     * @param list<string>           $cautions  of flash, dryer and inks, for this print
     */
    public function __construct(
        public array $witnesses,
        public array $runs,
        public array $garments,
        public string $lampName,
        public string $emulsionName,
        public string $pressName,
        public array $cautions,
        public array $marks,
        public array $after,
        public PressOnRun $press,
        public bool $begun,
    ) {
    }
}
