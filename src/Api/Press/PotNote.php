<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Request\Words;

/** What was mixed into an ink. */
final readonly class PotNote
{
    public function __construct(
        #[Words(120)]
        public string $says,
    ) {
    }
}
