<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

/** What the dark room has: one coater, one of each lamp, one sink, so many places to dry, and when somebody is there. */
final readonly class Darkroom
{
    private const DAY = 1440.0;
    /** People at work where nobody told (heuristic). */
    public const USUAL_HANDS = 2;

    /**
     * @param int   $dryingPlaces screens that dry at once
     * @param float $opensMin     of each day, minutes after midnight
     * @param int   $hands        how many people are there
     * @param float $startsMin    minutes after midnight at which the plan begins
     *
     * @throws ImpossibleRoom where nobody is ever there or nothing can dry
     */
    public function __construct(
        public int $dryingPlaces,
        public float $opensMin = 480.0,
        public float $closesMin = 1080.0,
        public float $startsMin = 480.0,
        public int $hands = self::USUAL_HANDS,
    ) {
        if ($hands < 1) {
            throw ImpossibleRoom::at('hands', 'No screen is coated while nobody is there. Give one pair of hands at the least.');
        }
        if ($dryingPlaces < 1) {
            throw ImpossibleRoom::at('dryingPlaces', 'Without a place to dry no screen can be coated. Give at least one.');
        }
        if ($opensMin < 0 || $closesMin > self::DAY || $closesMin - $opensMin < 30) {
            throw ImpossibleRoom::at(
                'hours',
                'The room must be open for half an hour a day at least, within one day. Check when it opens and closes.',
            );
        }
    }

    /** Why a screen can never be made here, in a sentence; empty where it can. */
    public function cannot(ScreenWork $s): string
    {
        $open = $this->closesMin - $this->opensMin;

        return match (true) {
            $s->exposeMin + $s->washMin > $open => \sprintf(
                '%s burns and washes out for %s in one go; the room is open for %s. Open longer that day, or burn it under a stronger lamp.',
                $s->name,
                self::hours($s->exposeMin + $s->washMin),
                self::hours($open),
            ),
            max($s->coatMin, $s->tapeMin) > $open => \sprintf('%s is coated or taped for longer than the room is open, %s. Open longer that day.', $s->name, self::hours($open)),
            default => '',
        };
    }

    private static function hours(float $minutes): string
    {
        return $minutes < 90 ? \sprintf('%.0f min', $minutes) : \sprintf('%d h %02d', intdiv((int) round($minutes), 60), (int) round($minutes) % 60);
    }

    /** The first time from a moment on at which somebody is there for so long without a break. */
    public function attended(float $from, float $minutes): float
    {
        $clock = $from + $this->startsMin;
        $day = floor($clock / self::DAY) * self::DAY;
        if ($clock < $day + $this->opensMin) {
            $clock = $day + $this->opensMin;
        } elseif ($clock + $minutes > $day + $this->closesMin + 1e-9) {
            $clock = $day + self::DAY + $this->opensMin;
        }

        return $clock - $this->startsMin;
    }
}
