<?php

declare(strict_types=1);

namespace Ektype\App\Action\Screens;

use Ektype\Core\Screen\ScreenMove;

/** How a stencil came off. */
enum Came: string
{
    case Clean = 'clean';
    case Stained = 'stained';
    case Locked = 'locked';
    case Torn = 'torn';

    public function move(): ScreenMove
    {
        return match ($this) {
            self::Clean, self::Stained => ScreenMove::Reclaim,
            self::Locked => ScreenMove::LockIn,
            self::Torn => ScreenMove::Tear,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Clean => 'Reclaimed, bare again',
            self::Stained => 'Reclaimed, a stain is left',
            self::Locked => 'Would not come off: the stencil is locked in',
            self::Torn => 'The mesh tore',
        };
    }
}
