<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/** How a dot grows in its cell. */
enum Dot: string
{
    /** Round dots up to half tone, round holes above. */
    case Round = 'round';
    /** Dots that join to chains along the angle first, then across. */
    case Ellipse = 'ellipse';
    /** Lines along the angle that grow wider. */
    case Line = 'line';

    /** Weights of the two axes of an ellipse: chains close at about two fifths of tone, the second way at three fifths (heuristic). */
    private const ALONG = 0.85;
    private const ACROSS = 1.15;

    /**
     * When a place of the cell begins to print: the least first, 0–1.
     *
     * @param float $u from the middle of the cell along the angle, −0.5 to 0.5
     * @param float $v across it
     */
    public function order(float $u, float $v): float
    {
        return match ($this) {
            self::Round => self::round(abs($u), abs($v)),
            self::Ellipse => 0.5 - (self::ALONG * cos(2 * \M_PI * $u) + self::ACROSS * cos(2 * \M_PI * $v)) / 4,
            self::Line => 2 * abs($v),
        };
    }

    private static function round(float $u, float $v): float
    {
        return $u + $v <= 0.5 ? 2 * ($u * $u + $v * $v) : 1 - 2 * ((0.5 - $u) * (0.5 - $u) + (0.5 - $v) * (0.5 - $v));
    }
}
