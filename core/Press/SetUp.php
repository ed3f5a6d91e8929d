<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** What is set on a press before the first strike-off, in the order in which hands do it. */
enum SetUp: string
{
    case Platens = 'platens';
    case Centred = 'centred';
    case Cloth = 'cloth';
    case Warm = 'warm';
    case Tacked = 'tacked';
    case Screens = 'screens';
    case OffContact = 'off-contact';
    case Taped = 'taped';
    case Inks = 'inks';

    public function says(): string
    {
        return match ($this) {
            self::Platens => 'Platens tight and parallel to each other',
            self::Centred => 'Micro-register knobs in the middle of their travel',
            self::Cloth => 'Test cloth of the same fabric, pre-shrunk and dried under the flash',
            self::Warm => 'Platens warmed, so that the first piece is flashed as the hundredth',
            self::Tacked => 'Platens tacked: what is loaded stays where it is laid',
            self::Screens => 'Screens in their heads, tight, the base as the key',
            self::OffContact => 'Off-contact set for each screen, from the garment',
            self::Taped => 'Screens taped below, outside the print',
            self::Inks => 'Inks stirred and at room temperature',
        };
    }

    /** Whether it belongs to a press that carries garments; a table for paper has neither flash nor tack. */
    public function onPaper(): bool
    {
        return !\in_array($this, [self::Cloth, self::Warm, self::Tacked], true);
    }
}
