<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Unit\Point;

/**
 * The scan about one target, laid straight: a grid of colours in the axes of the print, right and up.
 *
 * @phpstan-import-type Channels from Srgb
 */
final readonly class TargetWindow
{
    public const REACH_MM = 3.0;
    private const FINEST_MM = 0.05;

    public int $side;
    public float $stepMm;
    /** @var list<float> */
    public array $red;
    /** @var list<float> */
    public array $green;
    /** @var list<float> */
    public array $blue;

    public function __construct(Scan $scan, ScanPlace $place, Point $middle)
    {
        $this->stepMm = max(self::FINEST_MM, 1 / $scan->perMm());
        $this->side = 1 + 2 * (int) floor(self::REACH_MM / $this->stepMm);
        $red = $green = $blue = [];
        $half = intdiv($this->side, 2) * $this->stepMm;
        for ($j = 0; $j < $this->side; ++$j) {
            $up = $middle->yMm - $half + $j * $this->stepMm;
            for ($i = 0; $i < $this->side; ++$i) {
                $right = $middle->xMm - $half + $i * $this->stepMm;
                $colour = $scan->colour(
                    $place->ax + $place->bx * $right + $place->cx * $up,
                    $place->ay + $place->by * $right + $place->cy * $up,
                );
                $red[] = $colour[0] ?? \NAN;
                $green[] = $colour[1] ?? \NAN;
                $blue[] = $colour[2] ?? \NAN;
            }
        }
        $this->red = $red;
        $this->green = $green;
        $this->blue = $blue;
    }

    /** Where a place of the grid lies, from the middle of the window, mm. */
    public function at(int $i): float
    {
        return ($i - intdiv($this->side, 2)) * $this->stepMm;
    }

    /** Whether all of it lies on the scan. */
    public function isWhole(): bool
    {
        foreach ([0, $this->side - 1, $this->side * ($this->side - 1), $this->side * $this->side - 1] as $corner) {
            if (is_nan($this->red[$corner])) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param Channels $way
     *
     * @return list<float> one number a place
     */
    public function along(array $way): array
    {
        $values = [];
        foreach ($this->red as $i => $red) {
            $values[] = $way[0] * $red + $way[1] * $this->green[$i] + $way[2] * $this->blue[$i];
        }

        return $values;
    }
}
