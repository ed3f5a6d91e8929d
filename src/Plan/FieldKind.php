<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

/** What a field of a plan holds. */
enum FieldKind: string
{
    case Number = 'number';
    case Whole = 'whole';
    case Choice = 'choice';
    case Tick = 'tick';
    /** The number of an ink of the shelf. */
    case Ink = 'ink';
    /** One after the other. */
    case Many = 'many';
    /** Several numbers that belong together. */
    case Together = 'together';
    /** What a field of its own is for: a file, a curve. */
    case Other = 'other';
}
