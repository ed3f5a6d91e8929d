<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** What happens at the press during a run. */
enum RunEventKind: string
{
    /** Pieces came off good. */
    case Good = 'good';
    /** A colour was laid on pieces that wait for the next one, on a table. */
    case Laid = 'laid';
    case Misprint = 'misprint';
    /** A platen went round empty. */
    case Skipped = 'skipped';
    case Stopped = 'stopped';
    case Resumed = 'resumed';
    /** Ink was put on a screen. */
    case Filled = 'filled';
    /** What was left on a screen was weighed and put back. */
    case Returned = 'returned';
    /** The register was looked at, and held. */
    case Looked = 'looked';
    /** A bundle is closed into a box. */
    case Boxed = 'boxed';
    /** An earlier event was a slip of the hand. */
    case TakenBack = 'taken back';
    /** A word to the record: a screen was taped, garments were lifted, tack renewed. */
    case Noted = 'noted';
    case Ended = 'ended';

    /** Whether the press was at work. */
    public function works(): bool
    {
        return $this === self::Laid || $this->prints();
    }

    /** Whether pieces are done with: good or spoiled. */
    public function prints(): bool
    {
        return $this === self::Good || $this === self::Misprint;
    }
}
