<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

/** The frame that a plate would get. */
final readonly class RackRow
{
    /**
     * @param string|null  $frame label; null where none fits
     * @param list<string> $first what must be done to it before it can be burned
     */
    public function __construct(public string $plate, public ?string $frame, public string $why, public array $first)
    {
    }
}
