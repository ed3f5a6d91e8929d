<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** Whether a press has a head for each plate. */
final class Heads
{
    /**
     * @param bool $atOnce whether the press carries all screens at once; one that takes them one after the other needs no more heads
     *
     * @return string what is missing and what can be done; empty where all plates find their place
     */
    public static function missing(int $plates, bool $atOnce, int $heads, string $press): string
    {
        return !$atOnce || $plates <= $heads ? '' : \sprintf(
            '%d plates and %d %s on %s: they cannot all go on at once. Merge near inks, leave a plate out, or print it in two passes, each registered to the first.',
            $plates,
            $heads,
            $heads === 1 ? 'head' : 'heads',
            $press,
        );
    }
}
