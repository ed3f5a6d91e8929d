<?php

declare(strict_types=1);

namespace Ektype\Core\Plate;

use Ektype\Core\Colour\Lab;

/** How often an ink is laid down through its screen. */
enum Laying: string
{
    case Once = 'one stroke';
    case Twice = 'two strokes';
    case PrintFlashPrint = 'print, flash, print';

    /** Under this lightness cloth is dark and takes light ink twice, flashed between, L* (heuristic). */
    private const DARK = 35.0;
    /** A second stroke on wet ink adds so much of a layer (heuristic). */
    private const SECOND_STROKE = 0.25;

    /** What a garment asks for under a light ink: none of it on light cloth, more the darker it is. */
    public static function on(Lab $garment): self
    {
        return match (true) {
            Garment::isLight($garment) => self::Once,
            $garment->l >= self::DARK => self::Twice,
            default => self::PrintFlashPrint,
        };
    }

    /**
     * Each further layer hides the same share of what is left.
     *
     * @param float $once hiding of one stroke, 0–1
     */
    public function hiding(float $once): float
    {
        $layers = match ($this) {
            self::Once => 1.0,
            self::Twice => 1 + self::SECOND_STROKE,
            self::PrintFlashPrint => 2.0,
        };

        return 1 - (1 - min(0.9999, max(0.0, $once))) ** $layers;
    }

    public function strokes(): int
    {
        return $this === self::Once ? 1 : 2;
    }
}
