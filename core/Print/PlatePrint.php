<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Ink\Deposit;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Press\PrintStep;

/** How one plate of a job is printed. */
final readonly class PlatePrint
{
    /**
     * @param int               $id        of the plate
     * @param int|null          $head      or round, from the operator on; null where none is left
     * @param FlashOfPlate|null $flash     null where it is not flashed
     * @param float             $gramsEach ink for one piece
     * @param float             $seconds   of the hands on it, a piece
     * @param list<Why>         $why
     */
    public function __construct(
        public int $id,
        public string $name,
        public ?int $head,
        public PrintStep $step,
        public Laying $laying,
        public ?FlashOfPlate $flash,
        public StrokeOfPlate $stroke,
        public Standing $standing,
        public Deposit $deposit,
        public float $gramsEach,
        public float $seconds,
        public array $why,
    ) {
    }

    public function grams(int $pieces): float
    {
        return $pieces * $this->gramsEach;
    }

    public function why(string $what): ?Why
    {
        foreach ($this->why as $one) {
            if ($one->what === $what) {
                return $one;
            }
        }

        return null;
    }
}
