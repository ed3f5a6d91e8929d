<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Learn\Matrix;

/**
 * What the knobs of a press truly do: their pitch is not quite the profile’s, and where a knob turns the other way round its
 * play is taken up before the frame moves.
 */
final readonly class TrueKnobs
{
    /** Less than this is no turn that a hand makes. */
    private const LEAST_TURN = 0.005;

    /**
     * @param list<Knob>  $knobs   as its profile has them
     * @param list<float> $pitches of each, as a share of the profile’s
     */
    public function __construct(private array $knobs, private array $pitches, private float $playMm)
    {
    }

    /**
     * How a frame has moved.
     *
     * @param list<list<float>> $turned turns of each knob, one time after the other
     */
    public function moved(array $turned): RigidMove
    {
        $pushes = [];
        foreach ($this->knobs as $k => $knob) {
            $pushes[] = $this->pushed($knob, $this->pitches[$k] ?? 1.0, array_map(static fn (array $turns): float => $turns[$k] ?? 0.0, $turned));
        }

        return self::frame($this->knobs, $pushes);
    }

    /** @param list<float> $turned */
    private function pushed(Knob $knob, float $pitch, array $turned): float
    {
        [$pushed, $way] = [0.0, 0];
        foreach ($turned as $turns) {
            if (abs($turns) < self::LEAST_TURN) {
                continue;
            }
            $now = $turns <=> 0.0;
            $moved = $turns * $knob->mmPerTurn * $pitch;
            // A profile may say that a knob pulls where it is turned clockwise.
            $play = $way !== 0 && $now !== $way ? ($moved <=> 0.0) * $this->playMm : 0.0;
            // Never more than the turn itself is taken up.
            $pushed += abs($play) > abs($moved) ? 0.0 : $moved - $play;
            $way = $now;
        }

        return $pushed;
    }

    /**
     * The move of a frame whose three knobs have pushed so far: u·(t + θ J c) = push, for each.
     *
     * @param list<Knob>  $knobs
     * @param list<float> $pushes
     */
    public static function frame(array $knobs, array $pushes): RigidMove
    {
        $rows = array_map(static fn (Knob $k): array => [$k->unit()->xMm, $k->unit()->yMm, -$k->unit()->xMm * $k->at->yMm + $k->unit()->yMm * $k->at->xMm], $knobs);
        $move = Matrix::leastSquares($rows, $pushes) ?? [0.0, 0.0, 0.0];

        return new RigidMove($move[0], $move[1], $move[2]);
    }
}
