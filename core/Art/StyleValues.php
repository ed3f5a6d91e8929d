<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

/**
 * Values that a drawing gives names to (CSS custom properties) put where they are used: what draws it here knows no var() and
 * would draw black. A name is as it was given first; what was never given is as its fallback says.
 */
final class StyleValues
{
    /** A value may name another, so many deep. */
    private const DEEP = 8;

    public static function filledIn(string $svg): string
    {
        if (!str_contains($svg, 'var(')) {
            return $svg;
        }
        preg_match_all('/(--[\w-]+)\s*:\s*([^;}"\'<]+)/', $svg, $given, \PREG_SET_ORDER);
        $values = [];
        foreach ($given as [, $name, $value]) {
            $values[$name] ??= trim((string) preg_replace('/!important/', '', $value));
        }
        for ($k = 0; $k < self::DEEP && str_contains($svg, 'var('); ++$k) {
            // Those that hold no other first: a fallback may name a value too.
            $svg = (string) preg_replace_callback(
                '/var\(\s*(--[\w-]+)\s*(?:,\s*((?:[^()]|\((?:[^()])*\))*))?\)/',
                static fn (array $var): string => $values[$var[1]] ?? (trim($var[2] ?? '') === '' ? 'none' : trim($var[2])),
                $svg,
            );
        }

        return $svg;
    }
}
