<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Action\Shelves\ShelfKind;

/** What a thing is described by, for each shelf. */
final class Entries
{
    /** @return class-string<Entry> */
    public static function of(ShelfKind $kind): string
    {
        return match ($kind) {
            ShelfKind::Inks => InkEntry::class,
            ShelfKind::Frames => FrameEntry::class,
            ShelfKind::Lamps => LampEntry::class,
            ShelfKind::Emulsions => EmulsionEntry::class,
            ShelfKind::Presses => PressEntry::class,
            ShelfKind::Printers => PrinterEntry::class,
            ShelfKind::Meshes => MeshEntry::class,
        };
    }
}
