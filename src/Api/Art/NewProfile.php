<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

/** Nothing is said beside an ICC profile. */
final readonly class NewProfile
{
}
