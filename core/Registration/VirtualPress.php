<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Unit\Point;

/**
 * A press to practise on: its plates lie off, its knobs have play and a pitch that is not quite the profile’s, strokes drag, and
 * every print is loaded a little elsewhere. All of it follows from one number, so that a game can be played again.
 */
final readonly class VirtualPress
{
    /** Of each plate at first, mm and radians. */
    private const OFF_MM = 0.9;
    private const OFF_RAD = 0.003;
    private const PITCH_OFF = 0.08;
    private const PLAY_MM = 0.08;
    private const DRAG_MM = 0.1;
    private const SCATTER_MM = 0.04;
    private const READING_MM = 0.02;

    /** @param list<Knob> $knobs as its profile has them */
    public function __construct(private int $seed, private array $knobs, private int $plates = 3)
    {
    }

    /** A rotary press of the usual kind.
     *
     * @return list<Knob>
     */
    public static function usualKnobs(): array
    {
        return KnobLayout::TwoAlongOneAcross->knobs(270.0);
    }

    /** @return list<Point> where its films have marks */
    public static function marks(): array
    {
        return [new Point(0, 164), new Point(0, -164), new Point(-150, 164), new Point(150, 164)];
    }

    /**
     * What is read on a print after so many corrections.
     *
     * @param list<list<list<float>>> $turned each pull: for each plate, turns of each knob
     * @param int                     $piece  of the pull: several show what repeats
     *
     * @return list<list<Reading>> of each plate but the key
     */
    public function print(array $turned, int $piece = 0): array
    {
        $pull = \count($turned);
        $normal = fn (string $of): float => self::normal(\sprintf('%d pull %d piece %d %s', $this->seed, $pull, $piece, $of));
        $loaded = [self::SCATTER_MM * $normal('right'), self::SCATTER_MM * $normal('away')];
        $read = [];
        for ($plate = 0; $plate < $this->plates; ++$plate) {
            $lies = $this->lies($plate, $turned);
            $read[] = array_map(static fn (Point $m, int $i): Reading => new Reading(
                self::name($i),
                $m->xMm,
                $m->yMm,
                round($lies->xMm - $lies->turnRad * $m->yMm + $loaded[0] + self::READING_MM * $normal("plate $plate mark $i right"), 2),
                round($lies->yMm + $lies->turnRad * $m->xMm + $loaded[1] + self::READING_MM * $normal("plate $plate mark $i away"), 2),
            ), self::marks(), array_keys(self::marks()));
        }

        return $read;
    }

    /**
     * How a plate truly lies.
     *
     * @param list<list<list<float>>> $turned
     */
    public function lies(int $plate, array $turned): RigidMove
    {
        $between = fn (float $reach, string $of): float => $reach * (2 * self::unit(\sprintf('%d plate %d %s', $this->seed, $plate, $of)) - 1);
        [$x, $y, $turn] = [$between(self::OFF_MM, 'right'), $between(self::OFF_MM, 'away') + self::DRAG_MM, $between(self::OFF_RAD, 'turn')];
        $pitches = array_map(static fn (Knob $knob): float => 1 + $between(self::PITCH_OFF, $knob->name), $this->knobs);
        $moved = (new TrueKnobs($this->knobs, $pitches, self::PLAY_MM))->moved(array_map(static fn (array $pull): array => $pull[$plate] ?? [], $turned));

        return new RigidMove($x + $moved->xMm, $y + $moved->yMm, $turn + $moved->turnRad);
    }

    /** How far the worst mark of a plate truly is off, mm. */
    public static function worst(RigidMove $lies): float
    {
        return max(0.0, ...array_map(static fn (Point $m): float => hypot($lies->xMm - $lies->turnRad * $m->yMm, $lies->yMm + $lies->turnRad * $m->xMm), self::marks()));
    }

    public static function name(int $mark): string
    {
        return ['top', 'bottom', 'top left', 'top right'][$mark] ?? (string) $mark;
    }

    /** A number from 0 to 1 that follows from its name alone. */
    private static function unit(string $of): float
    {
        return (hexdec(substr(hash('sha256', $of), 0, 12)) + 0.5) / 16 ** 12;
    }

    private static function normal(string $of): float
    {
        return sqrt(-2 * log(self::unit($of.' far'))) * cos(2 * \M_PI * self::unit($of.' way'));
    }
}
