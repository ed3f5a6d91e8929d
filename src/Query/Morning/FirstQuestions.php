<?php

declare(strict_types=1);

namespace Ektype\App\Query\Morning;

use Ektype\App\Query\Shelves\NamedKind;

/** What the first morning offers to each of its questions, the usual answer first. */
final readonly class FirstQuestions
{
    /**
     * @param bool            $stands    whether the shop stands already
     * @param list<UsualShop> $prints
     * @param list<NamedKind> $presses
     * @param list<NamedKind> $knobs
     * @param list<NamedKind> $lamps
     * @param list<NamedKind> $emulsions
     * @param list<NamedKind> $films
     */
    public function __construct(
        public bool $stands,
        public array $prints,
        public array $presses,
        public array $knobs,
        public array $lamps,
        public array $emulsions,
        public array $films,
    ) {
    }
}
