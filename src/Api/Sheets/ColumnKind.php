<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

/** How the cells of a column are read. */
enum ColumnKind
{
    case Text;
    case Number;
    case MeshColour;
}
