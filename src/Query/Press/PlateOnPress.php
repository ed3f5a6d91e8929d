<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\App\Query\Reckoning\PlateRegister;
use Ektype\Core\Film\RegistrationMark;
use Ektype\Core\Print\PlatePrint;
use Ektype\Core\Registration\Cause;
use Ektype\Core\StrikeOff\ColourSign;

/** A plate on the press; without a register where nothing was read yet. */
final readonly class PlateOnPress
{
    /**
     * @param string                 $mind    what must be minded of its screen or its readings; empty where nothing
     * @param TurnsBefore|null       $turned  what was turned last, and what it did
     * @param list<Cause>            $causes  of what turning does not mend, the likeliest first
     * @param list<MarkAfter>        $after   the turns
     * @param list<RegistrationMark> $targets where it is read: its own target beside the marks, where its films carry a strip
     * @param list<ColourSign>       $signs   by which its colour may be seen to be off
     * @param list<int|null>         $platens of the prints that were read
     */
    public function __construct(
        public int $id,
        public ?PlateRegister $register,
        public string $mind,
        public ?TurnsBefore $turned,
        public PlatePrint $print,
        public array $causes,
        public array $after,
        public array $targets,
        public array $platens,
        public array $signs,
    ) {
    }
}
