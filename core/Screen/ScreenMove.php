<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

/** What hands do to a frame and the stencil on it. */
enum ScreenMove: string
{
    case Coat = 'coat';
    case Burn = 'burn';
    /** Looked at at the sink. */
    case Look = 'look';
    /** The burn is taken back: it never was. */
    case WasNotBurned = 'was not burned';
    /** Its plate gives it up: a burned screen is to be reclaimed, a coated one waits for another plate. */
    case PutOff = 'put off';
    /** Its own plate takes it back, burned as it is. */
    case TakeUp = 'take up';
    case PutOnPress = 'put on press';
    case TakeOffPress = 'take off press';
    /** The stencil came off, clean or with a stain. */
    case Reclaim = 'reclaim';
    /** It would not come off. */
    case LockIn = 'lock in';
    /** The mesh tore or went slack. */
    case Tear = 'tear';
    case Stretch = 'stretch';
}
