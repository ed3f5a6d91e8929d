<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\Core\Press\PressWay;
use Ektype\Core\Registration\RegisterWay;

/** The press as it is set for a job. */
final readonly class PressAbove
{
    /**
     * @param list<HeadShown> $places
     * @param list<string>    $missing heads or flashes that are too few, and what can be done
     * @param bool            $pull    whether strokes come towards the operator
     * @param list<string>    $steps   of registering, in order
     * @param string          $keySays whether the first plate makes a good key
     * @param list<string>    $suits   what inks and cloth ask for
     */
    public function __construct(
        public PressWay $way,
        public int $heads,
        public int $platens,
        public array $places,
        public array $missing,
        public bool $pull,
        public float $seamMm,
        public RegisterWay $registerWay,
        public array $steps,
        public array $suits,
        public string $keySays,
    ) {
    }
}
