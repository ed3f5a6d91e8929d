<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Trial;

/** What a shop tries. */
enum TrialKind: string
{
    /** A cured print, stretched and washed. */
    case Wear = 'wear';
    /** An ink, drawn down and printed. */
    case Ink = 'ink';
}
