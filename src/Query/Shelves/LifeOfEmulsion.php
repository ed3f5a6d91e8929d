<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

/** How long it lasts. */
final readonly class LifeOfEmulsion
{
    /**
     * @param int|null $potDaysLeft days left of its pot life; under zero it is over, null where it has none
     */
    public function __construct(
        public ?string $mixedOn,
        public ?int $potLifeDays,
        public ?int $potDaysLeft,
        public int $coatedLifeDays,
    ) {
    }
}
