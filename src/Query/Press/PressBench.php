<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\Core\Film\RegistrationMark;

/** The press: the marks as the printer sees them, and how each plate lies against the key. */
final readonly class PressBench
{
    /**
     * @param list<RegistrationMark> $marks  from the centre of the print in the axes of the press
     * @param list<PlateOnPress>     $plates in print order
     */
    public function __construct(public bool $toleranceSet, public array $marks, public array $plates)
    {
    }
}
