<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** A colour on its way along the pieces of a table. */
final readonly class Pass
{
    /**
     * @param int      $laid    pieces that have it
     * @param int      $spoiled at this colour
     * @param int      $waiting pieces that have what comes before and not this one
     * @param int      $stop    at which the frame stands next, from 1
     * @param int|null $lastMs  when it was laid last: an edition is printed over months
     * @param int|null $readyMs when the next piece is dry enough for it; null where nothing lies below, or nothing waits
     */
    public function __construct(public int $plate, public string $name, public int $laid, public int $spoiled, public int $waiting, public int $stop, public ?int $readyMs, public ?int $lastMs)
    {
    }
}
