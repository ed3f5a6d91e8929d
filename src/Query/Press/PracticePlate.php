<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\Core\Registration\KnobTurn;
use Ektype\Core\Registration\Reading;

/** A plate on the virtual press: what is read of it, and what the solver would turn. */
final readonly class PracticePlate
{
    /**
     * @param list<Reading>  $readings
     * @param list<KnobTurn> $advice
     */
    public function __construct(public string $name, public array $readings, public float $readMaxMm, public bool $inRegister, public array $advice)
    {
    }
}
