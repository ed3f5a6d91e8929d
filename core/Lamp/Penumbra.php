<?php

declare(strict_types=1);

namespace Ektype\Core\Lamp;

/**
 * Light that comes sideways through a gap: u = gap × width of the source / its distance (similar triangles). Half of it eats
 * each edge, so that a line open on the film closes where it is thinner than u.
 */
final readonly class Penumbra
{
    /** A stencil that holds less than this is as sharp as films are, mm (heuristic). */
    private const SHARP_MM = 0.05;

    public float $mm;

    /** @throws UnusableLamp where there is no such lamp */
    public function __construct(public float $gapMm, public float $sourceMm, public float $distanceMm)
    {
        if ($gapMm < 0 || $gapMm > 20) {
            throw UnusableLamp::at('gap', \sprintf('A gap of %g mm is no contact. Give the gap between film and stencil: 0.02 mm under vacuum, 0.3 mm where the film lies loose.', $gapMm));
        }
        if ($sourceMm < 0 || $sourceMm > 5000) {
            throw UnusableLamp::at('source', \sprintf('A light source of %g mm does not shine. Give its width: the bulb with its reflector, or the field of the tubes.', $sourceMm));
        }
        if ($distanceMm < 1) {
            throw UnusableLamp::at('distance', \sprintf('At %g mm the lamp would lie on the glass. Give the way from lamp to glass in mm, 1 at least.', $distanceMm));
        }
        $this->mm = $gapMm * $sourceMm / $distanceMm;
    }

    /** How far each edge is eaten, mm. */
    public function chokeMm(): float
    {
        return $this->mm / 2;
    }

    public function says(): string
    {
        if ($this->gapMm === 0.0) {
            return 'No film, no gap: light comes through the stencil’s own surface, so nothing is eaten sideways.';
        }

        return \sprintf(
            'Through a gap of %.2f mm each edge is eaten by %.3f mm, so lines thinner than %s mm close. %s',
            $this->gapMm,
            $this->chokeMm(),
            $this->mm >= 0.05 ? \sprintf('%.2f', $this->mm) : \sprintf('%.3f', $this->mm),
            $this->mm <= self::SHARP_MM ? 'That is as sharp as films are.' : 'Better contact mends it sooner than another time: vacuum, or foam and an even weight, never a stiff board.',
        );
    }
}
