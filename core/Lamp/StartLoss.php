<?php

declare(strict_types=1);

namespace Ektype\Core\Lamp;

/** What each burn falls short while the lamp comes up, from several short burns that look like one long one. */
final class StartLoss
{
    private const MOST_S = 120.0;

    /**
     * n burns of t s that look like one of T s: n (t − loss) = T − loss.
     *
     * @param float $longS  one burn
     * @param float $shortS each of the short ones
     * @param int   $burns  short ones that look like it
     *
     * @throws UnusableLamp where that cannot be
     */
    public static function of(float $longS, float $shortS, int $burns): float
    {
        if ($burns < 2) {
            throw UnusableLamp::at('burns', 'One short burn compares nothing. Say how many short burns look like the one long burn: two at least.');
        }
        if (!($longS > 0) || !($shortS > 0)) {
            throw UnusableLamp::at('short', 'A burn of no length loses nothing. Give the seconds of the short burns and of the long one.');
        }
        $loss = ($burns * $shortS - $longS) / ($burns - 1);
        if ($loss < -0.02 * $longS) {
            throw UnusableLamp::at('burns', \sprintf('%d burns of %g s are %g s, less than the %g s that they look like: no lamp gives more in pieces. Read the strips again.', $burns, $shortS, $burns * $shortS, $longS));
        }
        if ($loss >= $shortS || $loss > self::MOST_S) {
            throw UnusableLamp::at('short', \sprintf('Then each burn of %g s would lose %.1f s, all of it. Warm the lamp up, or compare with longer burns.', $shortS, $loss));
        }

        return max(0.0, $loss);
    }
}
