<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;

/**
 * What an ink’s drawdown over black and over white tells of it. In the n-th root of light a full layer leaves (1 − o) of what
 * lies below it, so the two differ by that part of what black and white differ by; what is left over is the ink itself.
 */
final readonly class Drawdown
{
    /** An ink that makes black no lighter than this, of the card, and lets so much of white through in one colour, shines through (heuristic). */
    private const LIFTS = 0.04;
    private const LETS = 0.35;
    /** Card and ink must differ by so much of full light to tell anything (heuristic). */
    private const CARD = 0.3;

    /**
     * @param float $hiding 0–1
     * @param Srgb  $colour of the ink where it hides all; of a transparent one, as it looks on white
     */
    private function __construct(public float $hiding, public Srgb $colour, public bool $transparent)
    {
    }

    /**
     * @param Srgb $overBlack the ink over the black half of the card
     * @param Srgb $black     the bare card there
     *
     * @throws UnreadableDrawdown where the two halves tell nothing
     */
    public static function of(Srgb $overBlack, Srgb $overWhite, Srgb $black, Srgb $white): self
    {
        $n = PrintedLayers::YULE_NIELSEN;
        $root = static fn (Srgb $c): array => array_map(static fn (float $l): float => $l ** (1 / $n), $c->linear());
        [$ob, $ow, $b, $w] = [$root($overBlack), $root($overWhite), $root($black), $root($white)];
        [$card, $left] = [array_sum($w) - array_sum($b), array_sum($ow) - array_sum($ob)];
        if ($card < 3 * self::CARD) {
            throw UnreadableDrawdown::at('white', 'The two halves of the card are hardly different, so they tell nothing of how an ink hides. Use a card that is black and white.');
        }
        if ($left < -0.02 * $card) {
            throw UnreadableDrawdown::at('overBlack', 'The ink looks lighter over black than over white: the two readings are the wrong way round. Swap them.');
        }
        $hiding = max(0.0, min(1.0, 1 - $left / $card));
        $lets = max(array_map(static fn (float $o, float $c): float => $o / max(0.05, $c), $ow, $w));
        if (array_sum($ob) - array_sum($b) < self::LIFTS * $card && $lets > self::LETS) {
            $through = static fn (int $i): float => min(1.0, ($ow[$i] / max(0.05, $w[$i])) ** $n);

            return new self($hiding, Srgb::fromLinear([$through(0), $through(1), $through(2)]), true);
        }
        $own = static fn (int $i): float => max(0.0, min(1.0, ($ob[$i] - $b[$i] * (1 - $hiding)) / $hiding)) ** $n;

        return new self($hiding, Srgb::fromLinear([$own(0), $own(1), $own(2)]), false);
    }
}
