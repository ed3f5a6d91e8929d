<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

/** What the dark room has: one coater, one of each lamp, one sink, so many places to dry, and when somebody is there. */
final readonly class Darkroom
{
    private const DAY = 1440.0;

    /**
     * @param int   $dryingPlaces screens that dry at once
     * @param float $opensMin     of each day, minutes after midnight
     * @param float $startsMin    minutes after midnight at which the plan begins
     *
     * @throws ImpossibleRoom where nobody is ever there or nothing can dry
     */
    public function __construct(
        public int $dryingPlaces,
        public float $opensMin = 480.0,
        public float $closesMin = 1080.0,
        public float $startsMin = 480.0,
    ) {
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

    /** The first time from a moment on at which somebody is there for so long without a break. */
    public function attended(float $from, float $minutes): float
    {
        $minutes = min($minutes, $this->closesMin - $this->opensMin);
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
