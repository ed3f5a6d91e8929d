<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

/**
 * The lightest and the darkest tone that a mesh holds at a ruling. The smallest dot that prints is an opening of the
 * stencil one mesh pitch across; the smallest island of stencil that stands is 2 d + w across (both heuristic). Round dots
 * in a cell of 25.4 / lpi mm: diameter = cell × 2 √(a / π), and holes the same way above half tone.
 */
final readonly class ToneRange
{
    /**
     * @param float $lightest 0–1
     * @param float $darkest  0–1; under the lightest where the mesh holds no tone at all
     */
    private function __construct(public float $lightest, public float $darkest, public float $smallestDotMm, public float $smallestIslandMm)
    {
    }

    /** @throws ImpossibleRuling where the ruling is none */
    public static function on(Mesh $mesh, float $lpi): self
    {
        if ($lpi < 5 || $lpi > 200) {
            throw ImpossibleRuling::at(
                'lpi',
                \sprintf(
                    'A ruling of %g lines per inch is not printed through mesh; 20 to 65 is usual. Check whether it is per inch.',
                    $lpi,
                ),
            );
        }
        $cell = 25.4 / $lpi;
        $dot = $mesh->pitchUm / 1000;
        $island = $mesh->finestGapMm;

        return new self(min(1.0, \M_PI * ($dot / 2 / $cell) ** 2), max(0.0, 1 - \M_PI * ($island / 2 / $cell) ** 2), $dot, $island);
    }

    public function holdsAny(): bool
    {
        return $this->lightest < $this->darkest;
    }
}
