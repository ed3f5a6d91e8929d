<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Raster\ToneRaster;

/** A row of tones at any height between two rows of a raster, with every place between two columns. */
final readonly class Between
{
    private string $upper;
    private string $lower;
    private float $part;
    private int $last;

    /** @param float $y in rows, whole where a row of the raster has its middle */
    public function __construct(ToneRaster $tones, float $y)
    {
        $y = max(0.0, min($tones->height - 1.0, $y));
        $row = (int) $y;
        $this->part = $y - $row;
        $this->upper = substr($tones->tones, $row * $tones->width, $tones->width);
        $this->lower = substr($tones->tones, min($tones->height - 1, $row + 1) * $tones->width, $tones->width);
        $this->last = $tones->width - 1;
    }

    /** @param float $x in columns, as y */
    public function at(float $x): float
    {
        $x = max(0.0, min((float) $this->last, $x));
        $left = (int) $x;
        $right = min($this->last, $left + 1);
        $part = $x - $left;
        $up = \ord($this->upper[$left]) + $part * (\ord($this->upper[$right]) - \ord($this->upper[$left]));
        $down = \ord($this->lower[$left]) + $part * (\ord($this->lower[$right]) - \ord($this->lower[$left]));

        return $up + $this->part * ($down - $up);
    }
}
