<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

/** Frames that are not offered, counted by what stands in their way. */
final class LeftOut
{
    /** @param list<string> $reasons one for each frame; of several, the first that counts */
    public static function says(array $reasons): string
    {
        $many = array_count_values($reasons);

        return $many === [] ? '' : \sprintf(
            'Of the other %s: %s.',
            \count($reasons) === 1 ? 'frame' : \count($reasons).' frames',
            implode(', ', array_map(static fn (string $why, int $n): string => "$n $why", array_keys($many), $many)),
        );
    }

    /** @param list<string> $obstacles of a frame, not empty */
    public static function reason(string $takenBy, array $obstacles): string
    {
        return $takenBy === '' ? $obstacles[0] : 'taken';
    }
}
