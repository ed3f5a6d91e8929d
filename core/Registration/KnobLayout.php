<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Unit\Point;

/** How the knobs of a press usually lie about the clamped end of a frame, by what they push. */
enum KnobLayout: string
{
    case None = 'none';
    case TwoAlongOneAcross = 'two along, one across';
    case OneAlongTwoAcross = 'one along, two across';
    case TwoAlongTwoAcross = 'two along, two across';

    /** Half the distance between a pair of knobs, mm (heuristic, until they are put where they sit). */
    private const HALF_APART_MM = 150.0;
    /** Of the screw that most adjusters turn on, M8: 1.25 mm a turn (heuristic, until one full turn was measured). */
    public const USUAL_MM_PER_TURN = 1.25;

    public function says(): string
    {
        return match ($this) {
            self::None => 'No knobs: frames are tapped at their corners',
            self::TwoAlongOneAcross => 'Two push away from you, one to the side',
            self::OneAlongTwoAcross => 'One pushes away from you, two to the side',
            self::TwoAlongTwoAcross => 'Two push away from you, two to the side',
        };
    }

    /**
     * @param float $centreFromEndMm centre of the print from the clamped end
     *
     * @return list<Knob> their places from the centre of the print, the clamped end lying away from the operator
     */
    public function knobs(float $centreFromEndMm): array
    {
        $along = static fn (string $name, float $x): Knob => new Knob($name, new Point($x, $centreFromEndMm), new Point(0, 1), self::USUAL_MM_PER_TURN);
        $across = static fn (string $name, float $x, float $y): Knob => new Knob($name, new Point($x, $y), new Point(1, 0), self::USUAL_MM_PER_TURN);
        $half = self::HALF_APART_MM;

        return match ($this) {
            self::None => [],
            self::TwoAlongOneAcross => [$along('Left', -$half), $along('Right', $half), $across('Side', 0, $centreFromEndMm)],
            self::OneAlongTwoAcross => [
                $along('Middle', 0),
                $across('Side, far', $half, $centreFromEndMm),
                $across('Side, near', $half, $centreFromEndMm - $half),
            ],
            self::TwoAlongTwoAcross => [
                $along('Left', -$half),
                $along('Right', $half),
                $across('Side, left', -$half, $centreFromEndMm),
                $across('Side, right', $half, $centreFromEndMm),
            ],
        };
    }
}
