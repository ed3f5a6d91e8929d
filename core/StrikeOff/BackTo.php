<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

/** What it takes to step back with a strike-off: the work until the next print, reckoned by the shop’s own minutes. */
final readonly class BackTo
{
    /** Mixing a pot; moving a stop (heuristic), min. */
    private const MIX_MIN = 15.0;
    private const MOVE_MIN = 5.0;

    public function __construct(public Judged $what, public float $minutes)
    {
    }

    /**
     * @param float $setUpMin  of a screen on the press
     * @param float $strikeOff a print is pulled, cured and read, min
     * @param float $screenMin work on a screen
     *
     * @return list<self> one for each
     */
    public static function all(int $screens, float $setUpMin, float $strikeOff, float $screenMin): array
    {
        return array_map(static fn (Judged $what): self => new self($what, $strikeOff + match ($what) {
            Judged::Colour, Judged::Hand => self::MIX_MIN,
            Judged::Register => $setUpMin,
            Judged::Size => $screens * ($screenMin + $setUpMin),
            Judged::Place => self::MOVE_MIN,
            Judged::Opacity => 0.0,
        }), Judged::cases());
    }
}
