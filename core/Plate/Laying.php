<?php

declare(strict_types=1);

namespace Ektype\Core\Plate;

/** How often an ink is laid down through its screen. */
enum Laying: string
{
    case Once = 'one stroke';
    case Twice = 'two strokes';
    case PrintFlashPrint = 'print, flash, print';

    /** A second stroke on wet ink adds so much of a layer (heuristic). */
    private const SECOND_STROKE = 0.25;

    /**
     * Each further layer hides the same share of what is left.
     *
     * @param float $once hiding of one stroke, 0–1
     */
    public function hiding(float $once): float
    {
        return 1 - (1 - min(0.9999, max(0.0, $once))) ** $this->passes();
    }

    /** Ink that it lays, in single strokes. */
    public function passes(): float
    {
        return match ($this) {
            self::Once => 1.0,
            self::Twice => 1 + self::SECOND_STROKE,
            self::PrintFlashPrint => 2.0,
        };
    }

    /** At each piece, in all. */
    public function strokes(): int
    {
        return $this === self::Once ? 1 : 2;
    }

    /** Each is dry before the next. */
    public function layers(): int
    {
        return $this === self::PrintFlashPrint ? 2 : 1;
    }
}
