<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\Core\Plate\Substrate;

/** What a job is printed on. */
final readonly class GarmentOfJob
{
    /**
     * @param string $cloth the colour of the garment in a word: as it was named, else what it looks like
     */
    public function __construct(
        public Substrate $substrate,
        public string $garment,
        public string $garmentName,
        public string $garmentHex,
        public string $cloth,
    ) {
    }
}
