<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

/**
 * A film whose black is weak, laid twice in register: densities add (log₁₀ of the light that is stopped), of the black and of
 * the clear film alike.
 */
final readonly class DoubledFilm
{
    /** Of clear film, each sheet (heuristic). */
    public const CLEAR = 0.04;
    /** Between black and clear, from which on a stencil is safe. */
    private const ENOUGH = 3.0;

    public function __construct(public float $density, public int $sheets = 2)
    {
    }

    public function black(): float
    {
        return $this->sheets * $this->density;
    }

    /** What the clear parts take of the light, as a factor on the time. */
    public function timeFactor(): float
    {
        return 10 ** (($this->sheets - 1) * self::CLEAR);
    }

    public function says(): string
    {
        return \sprintf(
            'Black of density %.1f laid %s makes %.1f: %s of the light comes through. Clear film takes %.0f %% more time. %s',
            $this->density,
            $this->sheets === 2 ? 'twice in register' : $this->sheets.' times in register',
            $this->black(),
            self::share(10 ** -$this->black()),
            100 * ($this->timeFactor() - 1),
            $this->black() >= self::ENOUGH ? 'That stops the lamp.' : 'That is still weak: keep to the short end of the interval.',
        );
    }

    private static function share(float $through): string
    {
        return $through >= 0.01 ? \sprintf('%.0f %%', 100 * $through) : \sprintf('one %s', number_format(round(1 / $through, -(int) floor(log10(1 / $through)) + 1), 0, '.', ',')).'th';
    }
}
