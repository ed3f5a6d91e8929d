<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** What leaves a misfit that knobs do not mend. */
enum CauseKind: string
{
    case Stretch = 'stretch';
    case Drag = 'drag';
    case FilmPrinter = 'film printer';
    case Shrink = 'shrink';
    case Platen = 'platen';
    case Plate = 'plate';
    case Scatter = 'scatter';
}
