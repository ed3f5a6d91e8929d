<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

/** How much of a brought picture is printed; the width told is that of it. */
enum ArtPart: string
{
    case Whole = 'whole';
    /** Without the empty ground round the ink. */
    case Ink = 'ink';
}
