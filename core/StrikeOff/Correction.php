<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

/** Something that the hand can do about a colour that is off. */
final readonly class Correction
{
    /**
     * @param string $does  what it changes, with its figure
     * @param string $onPot what is written on the pot; empty where the ink stays as it is
     */
    public function __construct(public string $what, public string $does, public MadeAgain $again, public string $onPot = '')
    {
    }
}
