<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Press\HeadPlace;
use Ektype\Core\Press\Rhythm;

/** How a whole job is printed, plate by plate: decided in one place, read wherever any of it is told. */
final readonly class PrintPlan
{
    /**
     * @param list<PlatePrint> $plates in print order
     * @param list<HeadPlace>  $heads  what stands where; plates by their place in the order
     * @param list<string>     $says   what is missing on the press and what can be done
     * @param list<float>      $warmth °C of the ink’s surface, one for each second of a piece’s way round
     */
    public function __construct(
        public JobToPrint $job,
        public array $plates,
        public array $heads,
        public array $says,
        public Rhythm $rhythm,
        public array $warmth,
    ) {
    }

    public function of(int $plate): ?PlatePrint
    {
        foreach ($this->plates as $one) {
            if ($one->id === $plate) {
                return $one;
            }
        }

        return null;
    }

    /** Ink for one piece, g. */
    public function gramsEach(): float
    {
        return array_sum(array_column($this->plates, 'gramsEach'));
    }

    /** Of printing, with the usual pauses and without setting up. */
    public function minutes(): float
    {
        return 60 * $this->rhythm->hours;
    }

    public function flashes(): bool
    {
        return array_filter($this->plates, static fn (PlatePrint $p): bool => $p->flash !== null) !== [];
    }
}
