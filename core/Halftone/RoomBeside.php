<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Raster\Spread;
use Ektype\Core\Raster\ToneRaster;

/**
 * How much room dots leave for those of another ink between them, where these keep a distance: counted on a piece of film, at
 * seventeen tones, straight between them.
 */
final readonly class RoomBeside
{
    private const TONES = 16;
    /** Sides of the piece, film pixels. */
    private const PIECE = 384;

    /** @param list<float> $left by tone, from bare to solid, 0–1 */
    private function __construct(private array $left)
    {
    }

    /** @param float $apart film pixels between the dots of one ink and those of the other */
    public static function of(Supercell $cell, Dot $dot, float $apart): self
    {
        $screening = Screening::with($cell, $dot, self::PIECE);
        $left = [];
        for ($i = 0; $i <= self::TONES; ++$i) {
            $tones = new ToneRaster(self::PIECE, self::PIECE, str_repeat(\chr((int) round(255 * $i / self::TONES)), self::PIECE ** 2));
            $left[] = 1 - Spread::by($screening->film($tones, 1, self::PIECE), $apart + Spread::TO_THE_NEAREST)->count() / self::PIECE ** 2;
        }

        return new self($left);
    }

    /** @param float $tone of the ink that is there, 0–1 */
    public function beside(float $tone): float
    {
        $at = max(0.0, min(1.0, $tone)) * self::TONES;
        $i = min(self::TONES - 1, (int) $at);

        return $this->left[$i] + ($at - $i) * ($this->left[$i + 1] - $this->left[$i]);
    }
}
