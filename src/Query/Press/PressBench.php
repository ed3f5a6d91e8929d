<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\Core\Film\RegistrationMark;

/** The press: the marks as the printer sees them, and how each plate lies against the key. */
final readonly class PressBench
{
    /**
     * @param list<RegistrationMark> $marks      from the centre of the print in the axes of the press
     * @param RunRhythm|null         $rhythm     how the run goes round; null on paper, or without a press
     * @param list<SetUpLine>        $setUp      in working order
     * @param list<KnobShown>        $learned    what corrections on this press have shown of its knobs
     * @param list<PlateOnPress>     $plates     in print order
     * @param PressAbove|null        $above      how the press is set; null where none is chosen
     * @param string                 $scanner    that reads a strike-off when no scan is at hand
     * @param int|null               $keyPlateId the plate that the others are brought to
     */
    public function __construct(public bool $toleranceSet, public array $marks, public ?RunRhythm $rhythm, public array $setUp, public array $learned, public array $plates, public ?PressAbove $above, public string $scanner, public ?int $keyPlateId)
    {
    }
}
