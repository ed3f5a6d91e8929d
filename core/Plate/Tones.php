<?php

declare(strict_types=1);

namespace Ektype\Core\Plate;

use Ektype\Core\Unit\Chosen;

/** The lightest and the darkest tone of a plate, shares from 0 to 1. */
final readonly class Tones
{
    /** Tones under this and over its complement are bare and solid, 0–1. */
    private const ENDS = 0.005;

    /** @throws ImpossibleTones where they are no shares, or the lightest is darker than the darkest */
    public function __construct(
        #[Chosen('lightest tone', '%', 0, 100, times: 100)]
        public float $lightest,
        #[Chosen('darkest tone', '%', 0, 100, times: 100)]
        public float $darkest,
    ) {
        if ($lightest < 0 || $darkest > 1 || $lightest > $darkest) {
            throw ImpossibleTones::at(
                'tones',
                \sprintf(
                    'Tones run from the lightest to the darkest, 0 to 100 %%; %.0f to %.0f %% do not. Swap them, or check both.',
                    100 * $lightest,
                    100 * $darkest,
                ),
            );
        }
    }

    /**
     * A tone as the mesh holds it: what is too light becomes the lightest or bare, whichever is nearer, and what is too dark the
     * darkest or solid; all between stays. For plates that share a colour with others.
     *
     * @param float $tone 0–1
     */
    public function hold(float $tone): float
    {
        return match (true) {
            $tone < max(self::ENDS, $this->lightest / 2) => 0.0,
            $tone < $this->lightest => $this->lightest,
            $tone > min(1 - self::ENDS, ($this->darkest + 1) / 2) => 1.0,
            $tone > $this->darkest => $this->darkest,
            default => $tone,
        };
    }

    /**
     * A tone brought into it; bare stays bare, and solid solid.
     *
     * @param float $tone 0–1
     */
    public function bring(float $tone): float
    {
        return match (true) {
            $tone < self::ENDS => 0.0,
            $tone > 1 - self::ENDS => 1.0,
            default => $this->lightest + $tone * ($this->darkest - $this->lightest),
        };
    }
}
