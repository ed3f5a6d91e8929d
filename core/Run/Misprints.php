<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** Misprints of one cause. */
final readonly class Misprints
{
    /** @param list<\Ektype\Core\Unit\Point> $places on the print, where they were touched */
    public function __construct(public MisprintCause $cause, public int $pieces, public array $places)
    {
    }
}
