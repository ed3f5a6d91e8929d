<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\Core\Registration\Reading;

/** A plate as the scan of a strike-off shows it. */
final readonly class PlateSeen
{
    /**
     * @param list<Reading> $readings in the axes of the press
     * @param float|null    $errorMm  of the least sure of them, each way; null where none was read
     */
    public function __construct(public int $id, public string $name, public array $readings, public ?float $errorMm)
    {
    }
}
