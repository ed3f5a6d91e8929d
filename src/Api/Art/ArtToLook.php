<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

/** Nothing is said beside a picture that is only looked at. */
final readonly class ArtToLook
{
}
