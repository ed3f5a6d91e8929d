<?php

declare(strict_types=1);

namespace Ektype\App\Api\Hand;

use Ektype\App\Shop\Change\Place;
use Symfony\Component\Validator\Constraints\Regex;

/** Where the page stands: “job-7”, or the name of a shelf; nothing is everywhere. */
final readonly class HandAsked
{
    public function __construct(
        #[Regex(Place::PATTERN, message: 'No such place: it is “job-7”, or the name of a shelf.')]
        public string $place = '',
    ) {
    }
}
