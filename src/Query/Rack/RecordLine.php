<?php

declare(strict_types=1);

namespace Ektype\App\Query\Rack;

use Ektype\App\Shop\FrameLine\FrameLine;

/** A line of a frame’s record. */
final readonly class RecordLine
{
    /** @param string $madeAt local time */
    private function __construct(public string $madeAt, public string $what)
    {
    }

    public static function of(FrameLine $of): self
    {
        return new self($of->madeAt->format('Y-m-d\TH:i'), $of->what);
    }
}
