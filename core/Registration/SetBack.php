<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** How far a screen is set back against its stroke before the first strike-off, and how sure that is. */
final readonly class SetBack
{
    /** Less is not worth setting, mm (heuristic). */
    private const WORTH_MM = 0.03;

    /**
     * @param float $mm      against the stroke; negative with it
     * @param float $reachMm nine times in ten
     */
    private function __construct(public float $mm, public float $reachMm, public string $says)
    {
    }

    /**
     * @param array{float, float} $own  drag of the screen and how sure it is, mm
     * @param array{float, float} $keys
     * @param bool                $pull whether the stroke comes towards the operator
     */
    public static function of(RegisterWay $way, array $own, array $keys, bool $pull, int $seen): self
    {
        $mm = Drag::setBack($own[0], $way->atRest() ? $keys[0] : null);
        // What press and cloth drag is common to both; of a difference only what is a screen’s own is unsure.
        $reach = $way->atRest() ? abs($own[1] - $keys[1]) + min($own[1], $keys[1]) / 2 : $own[1];
        $to = ($mm > 0) === $pull ? 'away from you' : 'towards you';

        return new self($mm, $reach, abs($mm) < self::WORTH_MM
            ? 'no set-back'
            : \sprintf('set it back %.2f mm %s, give or take %.2f (%s)', abs($mm), $to, $reach, $seen === 0 ? 'trade default' : \sprintf('%d strike-offs of this shop', $seen)));
    }
}
