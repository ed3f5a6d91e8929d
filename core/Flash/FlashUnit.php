<?php

declare(strict_types=1);

namespace Ektype\Core\Flash;

use Ektype\Core\Plate\Substrate;

/** A flash unit of the shop: what it heats with, its watts, the area that they heat, and how high it hangs over the print. */
final readonly class FlashUnit
{
    private const LEAST_W_CM2 = 0.2;
    private const MOST_W_CM2 = 10.0;
    /** Hung higher over a pile that burns, mm (heuristic). */
    private const OVER_FLEECE_MM = 15.0;

    /**
     * @param float $watts    of the whole unit
     * @param float $widthMm  of the area that it heats
     * @param float $heightMm over the print
     *
     * @throws ImpossibleFlash where there is no such flash
     */
    public function __construct(
        public FlashKind $kind = FlashKind::Panel,
        public float $watts = 3000.0,
        public float $widthMm = 400.0,
        public float $depthMm = 400.0,
        public float $heightMm = 45.0,
    ) {
        if ($heightMm < 10 || $heightMm > 300) {
            throw ImpossibleFlash::at('height', \sprintf('A flash %g mm over the print %s. 35 to 60 mm is usual, more over fleece.', $heightMm, $heightMm < 10 ? 'burns the cloth' : 'hardly warms it'));
        }
        if ($widthMm < 50 || $depthMm < 50) {
            throw ImpossibleFlash::at($widthMm < 50 ? 'width' : 'depth', 'A flash heats an area of some size. Give its width and its depth in millimetres.');
        }
        $wattCm2 = $this->wattCm2();
        if ($wattCm2 < self::LEAST_W_CM2 || $wattCm2 > self::MOST_W_CM2) {
            throw ImpossibleFlash::at('power', \sprintf('%.2g W for each cm² is no flash: %g W over %g by %g mm. Look at its plate; 1.5 to 3 W for each cm² is usual.', $wattCm2, $watts, $widthMm, $depthMm));
        }
    }

    public function wattCm2(): float
    {
        return $this->watts / ($this->widthMm * $this->depthMm / 100);
    }

    public function at(float $heightMm): self
    {
        return new self($this->kind, $this->watts, $this->widthMm, $this->depthMm, $heightMm);
    }

    public function over(Substrate $substrate): self
    {
        return $substrate === Substrate::Fleece ? $this->at($this->heightMm + self::OVER_FLEECE_MM) : $this;
    }

    /**
     * Heat that the ink takes up, W/m²: its power over its area, as much of it as comes down, and of that what falls on a print as
     * large as itself (the view factor of two equal parallel rectangles; Howell, catalogue of view factors, C-11).
     */
    public function onInk(): float
    {
        return 1e4 * $this->wattCm2() * $this->kind->takenUp() * self::view($this->widthMm / $this->heightMm, $this->depthMm / $this->heightMm);
    }

    /**
     * @param float $x width over distance
     * @param float $y depth over distance
     */
    public static function view(float $x, float $y): float
    {
        [$xx, $yy] = [1 + $x * $x, 1 + $y * $y];

        return 2 / (\M_PI * $x * $y) * (log(sqrt($xx * $yy / (1 + $x * $x + $y * $y))) + $x * sqrt($yy) * atan($x / sqrt($yy)) + $y * sqrt($xx) * atan($y / sqrt($xx)) - $x * atan($x) - $y * atan($y));
    }
}
