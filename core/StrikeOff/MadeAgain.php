<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

/** What a correction at the press asks to be made again before the next print. */
enum MadeAgain: string
{
    case Nothing = 'nothing: pull again';
    case Ink = 'the ink in its pot';
    case Register = 'the strike-off: read its register again';
    case Screen = 'its screen, from the same film';
    case Film = 'its film and its screen';
    case Plates = 'the separation, all films and screens';
}
