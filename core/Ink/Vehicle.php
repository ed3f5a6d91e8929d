<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

/** What carries the pigment of an ink, and what cleans it: the stencil has to withstand it. */
enum Vehicle: string
{
    case Oil = 'oil';
    case Water = 'water';
    case Solvent = 'solvent';
}
