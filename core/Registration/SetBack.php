<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/**
 * How far a screen is set back against its stroke before the first strike-off, and how sure that is.
 *
 * @phpstan-import-type Dragged from Drag
 */
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

    /** As the hand set it. */
    public static function byHand(float $mm, bool $pull): self
    {
        return new self($mm, 0.0, \sprintf('set it back %.2f mm %s, as you said', abs($mm), self::to($mm, $pull)));
    }

    /**
     * @param Dragged $own     drag of the screen and how sure it is, mm
     * @param Dragged $differs how much more it drags than the key, and how sure that is: what counts where screens are fitted at rest
     * @param bool    $pull    whether the stroke comes towards the operator
     * @param int     $seen    strike-offs that it rests on
     * @param bool    $isKey   whether the others are brought to it
     */
    public static function of(RegisterWay $way, array $own, array $differs, bool $pull, int $seen, bool $isKey = false): self
    {
        if ($isKey && !$way->atRest()) {
            // It is printed, and where it lands the others are brought to.
            return new self(0.0, 0.0, 'no set-back: it is the printed key');
        }
        [$mm, $reach] = $way->atRest() ? $differs : $own;

        return new self($mm, $reach, abs($mm) < self::WORTH_MM
            ? 'too little to set back'
            : \sprintf('set it back %.2f mm %s, give or take %.2f (%s)', abs($mm), self::to($mm, $pull), $reach, $seen === 0 ? 'trade default' : \sprintf('%d strike-offs of this shop', $seen)));
    }

    private static function to(float $mm, bool $pull): string
    {
        return ($mm > 0) === $pull ? 'away from you' : 'towards you';
    }
}
