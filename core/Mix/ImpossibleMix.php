<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Unit\Refusal;

/** These inks cannot print the picture, or there are none. */
final class ImpossibleMix extends Refusal
{
    public static function nothingPrints(): self
    {
        return self::at('garment', 'The garment gives every colour of this picture by itself: nothing would print. Choose another garment, or bring another picture.');
    }
}
