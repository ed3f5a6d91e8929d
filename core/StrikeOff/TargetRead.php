<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Unit\Point;

/** One target of a plate as the scan shows it. */
final readonly class TargetRead
{
    /**
     * @param Point      $at      of its ring, from the centre of the print, right and up
     * @param Point|null $off     where the plate landed less where the key landed, mm right and up; null where it was not seen
     * @param float|null $errorMm of it, each way
     * @param string     $why     it was not seen; empty where it was
     */
    public function __construct(public string $corner, public int $plate, public Point $at, public ?Point $off, public ?float $errorMm, public string $why)
    {
    }
}
