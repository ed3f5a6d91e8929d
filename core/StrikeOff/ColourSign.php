<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

/** What is seen to be wrong with a plate’s colour on the strike-off. */
enum ColourSign: string
{
    case Strong = 'too strong or too dark';
    case Thin = 'thin: what lies below shows through';
    case Tints = 'tints what lies beside or under it';
    case Fills = 'its dots fill in';
    case Loses = 'its lightest dots are missing';

    /** Whether only a plate with dots can show it. */
    public function isOfDots(): bool
    {
        return $this === self::Fills || $this === self::Loses;
    }
}
