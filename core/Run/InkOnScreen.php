<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** Ink that lies on a screen, and how long it lasts. */
final readonly class InkOnScreen
{
    /** What must lie there for a full flood: below it, it is time to refill, g (heuristic). */
    public const FLOOD_G = 25.0;
    /** So near to it the screen says so, pieces (heuristic: a dozen and a half, time to open the pot). */
    public const SOON = 18;

    /**
     * @param float|null   $grams   left; null where nobody said what was put there
     * @param int|null     $pieces  until it is to be filled; null where grams or use are not known
     * @param float|null   $minutes the same at this pace
     * @param InkUsed|null $used    what the run took, once what was left was weighed
     */
    public function __construct(public int $plate, public string $name, public ?float $grams, public ?int $pieces, public ?float $minutes, public bool $soon, public ?InkUsed $used = null)
    {
    }

    /**
     * @param float        $filled        put there so far, g
     * @param float        $used          printed from it since, g
     * @param float        $gramsAPiece   of the garment that is printed now
     * @param float        $secondsAPiece of the pace
     * @param InkUsed|null $weighed       what it took before it was weighed back
     */
    public static function of(int $plate, string $name, float $filled, float $used, float $gramsAPiece, float $secondsAPiece, ?InkUsed $weighed = null): self
    {
        if ($filled <= 0) {
            return new self($plate, $name, null, null, minutes: null, soon: false, used: $weighed);
        }
        $grams = max(0.0, $filled - $used);
        if ($gramsAPiece <= 0) {
            return new self($plate, $name, $grams, null, minutes: null, soon: false, used: $weighed);
        }
        $pieces = (int) floor(max(0.0, $grams - self::FLOOD_G) / $gramsAPiece + 1e-9);

        return new self($plate, $name, $grams, $pieces, minutes: $secondsAPiece > 0 ? $pieces * $secondsAPiece / 60 : null, soon: $pieces <= self::SOON, used: $weighed);
    }
}
