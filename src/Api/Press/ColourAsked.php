<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\Core\StrikeOff\ColourSign;

/** A colour that is off, by what is seen. */
final readonly class ColourAsked
{
    public function __construct(public ColourSign $sign)
    {
    }
}
