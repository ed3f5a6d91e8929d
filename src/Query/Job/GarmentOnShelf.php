<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** What a job of the list is printed on. */
final readonly class GarmentOnShelf
{
    public function __construct(
        public string $garment,
        public string $garmentName,
        public string $garmentHex,
    ) {
    }
}
