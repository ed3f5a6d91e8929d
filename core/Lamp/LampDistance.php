<?php

declare(strict_types=1);

namespace Ektype\Core\Lamp;

/**
 * A point lamp over the middle of a frame at some distance: how even its light is, what time results, how sharp it is.
 * Light falls with the square of the way and with the cosine of its slant: E(r) / E(0) = (d² / (d² + r²))^1.5.
 */
final readonly class LampDistance
{
    /** At the corners at least this share of the middle’s light, so that one time suits all (heuristic). */
    public const EVEN_FROM = 0.8;
    private const STEP_MM = 50.0;
    private const FARTHEST_MM = 5000.0;

    private function __construct(
        public float $distanceMm,
        /** Light at the print’s corners, share of the middle’s. */
        public float $corner,
        /** The same in the middle of its sides left and right, and of those at top and bottom. */
        public float $side,
        public float $end,
        public float $seconds,
        public Penumbra $penumbra,
    ) {
    }

    /**
     * @param float $widthMm  of what must be even: the print on the frame
     * @param float $nowMm    distance for which the time is known
     * @param float $secondsS that time
     *
     * @throws UnusableLamp
     */
    public static function at(float $distanceMm, float $widthMm, float $heightMm, float $nowMm, float $secondsS, float $gapMm, float $sourceMm): self
    {
        self::mustBe($widthMm, $heightMm, $nowMm, $secondsS);
        $half = hypot($widthMm, $heightMm) / 2;

        return new self(
            $distanceMm,
            self::light($distanceMm, $half),
            self::light($distanceMm, $widthMm / 2),
            self::light($distanceMm, $heightMm / 2),
            $secondsS * ($distanceMm / $nowMm) ** 2,
            new Penumbra($gapMm, $sourceMm, $distanceMm),
        );
    }

    /**
     * The nearest distance at which the corners are even enough: nearer is uneven, further only takes longer.
     *
     * @throws UnusableLamp
     */
    public static function choose(float $widthMm, float $heightMm, float $nowMm, float $secondsS, float $gapMm, float $sourceMm, float $evenFrom = self::EVEN_FROM): self
    {
        if ($evenFrom <= 0 || $evenFrom >= 0.995) {
            throw UnusableLamp::at('even', \sprintf('Corners with %.0f %% of the middle’s light cannot be had from a point. Ask for 50 to 99 %%; 80 %% is usual.', 100 * $evenFrom));
        }
        self::mustBe($widthMm, $heightMm, $nowMm, $secondsS);
        $half = hypot($widthMm, $heightMm) / 2;
        // (d² / (d² + r²))^1.5 = e  =>  d = r / sqrt(e^(−2/3) − 1)
        $exact = $half / sqrt($evenFrom ** (-2 / 3) - 1);
        $distance = self::STEP_MM * ceil($exact / self::STEP_MM - 1e-9);
        if ($distance > self::FARTHEST_MM) {
            throw UnusableLamp::at('width', \sprintf('To light %.0f × %.0f mm that evenly a point lamp would stand %.1f m off. Burn smaller screens, or ask for less.', $widthMm, $heightMm, $distance / 1000));
        }

        return self::at($distance, $widthMm, $heightMm, $nowMm, $secondsS, $gapMm, sourceMm: $sourceMm);
    }

    /** Light at so far from the middle, share of the middle’s. */
    public static function light(float $distanceMm, float $offMm): float
    {
        return ($distanceMm ** 2 / ($distanceMm ** 2 + $offMm ** 2)) ** 1.5;
    }

    public function says(): string
    {
        return \sprintf('At %.0f mm the corners get %.0f %% of the middle’s light and the time becomes %.0f s. %s', $this->distanceMm, 100 * $this->corner, $this->seconds, $this->penumbra->says());
    }

    private static function mustBe(float $widthMm, float $heightMm, float $nowMm, float $secondsS): void
    {
        foreach (['width' => $widthMm, 'height' => $heightMm] as $which => $mm) {
            if ($mm < 10 || $mm > 5000) {
                throw UnusableLamp::at($which, \sprintf('A print of %g mm lies on no frame. Give its width and height in mm.', $mm));
            }
        }
        if ($nowMm < 1) {
            throw UnusableLamp::at('now', \sprintf('At %g mm the lamp would lie on the glass. Give the way from lamp to glass in mm, 1 at least.', $nowMm));
        }
        if (!($secondsS > 0) || $secondsS > 86_400) {
            throw UnusableLamp::at('seconds', \sprintf('%g s is no time of light. Give the seconds at the distance of now.', $secondsS));
        }
    }
}
