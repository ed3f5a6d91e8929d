<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Separation\GivenInk;

/** In which order opaque inks print over a base. */
enum OrderSchool: string
{
    case LightToDark = 'light to dark';
    case DarkToLight = 'dark to light';
    /** The darkest builds a grey picture under the colours. */
    case DarkFirst = 'dark first, then light to dark';
    /** The darkest after the highlight white. */
    case BlackLast = 'highlight, then the darkest last';
    /** As they were listed. */
    case AsListed = 'as listed';

    /**
     * @param list<GivenInk> $inks
     *
     * @return list<GivenInk> in print order
     */
    public function of(array $inks): array
    {
        $light = static fn (GivenInk $ink): float => Lab::of($ink->colour)->l;
        if ($this !== self::AsListed) {
            usort($inks, static fn (GivenInk $a, GivenInk $b): int => $light($b) <=> $light($a));
        }
        if ($this === self::DarkFirst && \count($inks) > 1) {
            $darkest = array_pop($inks);

            return [$darkest, ...$inks];
        }

        return $this === self::DarkToLight ? array_reverse($inks) : $inks;
    }
}
