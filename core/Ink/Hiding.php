<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

/** Hiding power where nobody told it of an ink, 0–1. */
final class Hiding
{
    /** Of a usual opaque ink, one stroke through 61–64 on a flashed base (heuristic). */
    public const USUAL = 0.93;
    /** Of an ink that is to look like its colour: a plate before an ink is chosen for it (heuristic). */
    public const WISHED = 0.95;

    /** Colour that a stroke leaves unhidden and no eye sees on black, share (heuristic: about 2 ΔE00 under a mid tone). */
    private const HIDDEN = 0.94;
    /** Hides almost nothing even in many strokes (heuristic). */
    private const CLEAR = 0.35;

    /**
     * As printers say it: whether it covers black in one stroke, in two, or never. A second stroke, flashed between, hides the
     * same share of what is left.
     *
     * @param float $hiding of one stroke, 0–1
     */
    public static function says(float $hiding): string
    {
        return match (true) {
            $hiding >= self::HIDDEN => 'covers black in one stroke',
            1 - (1 - $hiding) ** 2 >= self::HIDDEN => 'covers black in two strokes, flashed between',
            $hiding >= self::CLEAR => 'needs a base on black',
            default => 'never covers: what lies below shines through',
        };
    }
}
