<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** How hard a squeegee is pressed, by what the print shows and not by a figure. */
enum Pressure: string
{
    case Light = 'light hand';
    case Firm = 'firm and steady';

    /** @return list<string> by what it is seen to be wrong, and what is done then */
    public function signs(): array
    {
        return [
            match ($this) {
                self::Light => 'Stipple, or cloth that shows through: too little. Slow down first, then press a little harder.',
                self::Firm => 'Stipple, or cloth that shows through: too little. Press evenly over the whole blade, slower, or take a softer one.',
            },
            match ($this) {
                self::Light => 'Edges that bloom, dots that close, ink on the platen: too much. Less pressure, the blade upright and not bent.',
                self::Firm => 'Ink through the cloth, edges that bloom, a blade that bends: too much. Less pressure and one stroke more, not more force.',
            },
        ];
    }
}
