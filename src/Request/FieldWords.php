<?php

declare(strict_types=1);

namespace Ektype\App\Request;

/** A field as the pages name it: “threadsPerCm” is “Threads per cm”, “prints[0].readings[1].off.xMm” is “Off, x, mm, of print 1, reading 2”. */
final class FieldWords
{
    /** Where the page’s own label says more than the name of the field. */
    private const OWN = [
        'widthMm' => 'Print width, mm',
        'heightMm' => 'Print height, mm',
        'acrossMm' => 'right, mm',
        'dropMm' => 'down, mm',
        'dueOn' => 'Due',
        'quantity' => 'How many',
        'count' => 'How many',
        'customer' => 'Customer',
        'garmentName' => 'Name of the garment’s colour',
        'garmentHex' => 'Garment colour',
        'hex' => 'Colour',
        'hidingPct' => 'Covers black',
        'recipe' => 'On its pot',
        'chokeMm' => 'Choke of the base, mm',
        'trapMm' => 'Trap, mm',
        'lowS' => 'Longest strip still under, s',
        'highS' => 'Shortest strip already over, s',
        'bestS' => 'Best strip, s',
        'burnedSeconds' => 'Burned for, seconds',
        'gaugedEomUm' => 'Emulsion over mesh, µm',
        'centreFromEndMm' => 'Print centre from clamp, mm',
        'registerSigmaMm' => 'Register scatter, mm',
        'mmPerTurn' => 'mm a turn',
        'insideWidthMm' => 'Inside across, mm',
        'insideHeightMm' => 'Inside along, mm',
        'outsideWidthMm' => 'Outside across, mm',
        'outsideHeightMm' => 'Outside along, mm',
        'distanceMm' => 'Lamp to glass, mm',
        'potLifeDays' => 'Pot life, days',
        'coatedLifeDays' => 'Keeps coated, days',
        'solidsPct' => 'Solids, % by volume',
        'factor' => 'Time against photopolymer, ×',
        'filmUm' => 'Capillary film, µm',
        'mediaWidthMm' => 'Film width, mm',
        'sheetLengthMm' => 'Sheet length, mm',
        'feedMarginMm' => 'Keep off feed edges, mm',
        'scaleErrorXPct' => 'Too wide by, %',
        'scaleErrorYPct' => 'Too long by, %',
        'density' => 'Density of its black',
        'dpi' => 'Dots an inch',
        'meshAngleDeg' => 'Mesh angle, °',
        'xMm' => 'to the right, mm',
        'yMm' => 'away from you, mm',
        'lpi' => 'Ruling, lines per inch',
        'depositUm' => 'Wet ink wanted, µm',
        'hours' => 'Hours so far',
        'notes' => 'Notes',
        'art' => 'Picture',
    ];
    /** Ends of names that say how a thing is counted. */
    private const UNITS = [
        'NPerCm' => 'N/cm',
        'Mm' => 'mm',
        'Um' => 'µm',
        'Pct' => '%',
        'Deg' => '°',
        'Days' => 'days',
        'Min' => 'min',
        'MS' => 'm/s',
        'Id' => '',
        'Hex' => '',
        'S' => 's',
        'H' => 'h',
        'C' => '°C',
    ];

    public static function of(string $path): string
    {
        $parts = explode('.', $path);
        $last = (string) preg_replace('/\[\d+\]$/', '', end($parts));
        $words = self::OWN[$last] ?? self::plain($last);
        $of = [];
        foreach ($parts as $i => $part) {
            if (preg_match('/^(\w+)\[(\d+)\]$/', $part, $found) === 1) {
                $of[] = \sprintf('%s %d', self::one($found[1]), (int) $found[2] + 1);
            } elseif ($i < \count($parts) - 1 && $i > 0) {
                $of[] = lcfirst(self::plain($part));
            }
        }

        // Of several alike the last is told by its number alone.
        return implode(', ', preg_match('/\]$/', $path) === 1 ? $of : [$words, ...$of]);
    }

    private static function plain(string $name): string
    {
        foreach (self::UNITS as $end => $unit) {
            if (\strlen($name) > \strlen($end) && str_ends_with($name, $end)) {
                $words = self::split(substr($name, 0, -\strlen($end)));

                return $unit === '' ? $words : $words.', '.$unit;
            }
        }

        return self::split($name);
    }

    private static function split(string $name): string
    {
        return ucfirst(strtolower((string) preg_replace('/(?<=[a-z0-9])(?=[A-Z])/', ' ', $name)));
    }

    /** One of many. */
    private static function one(string $many): string
    {
        return match (true) {
            $many === 'along', $many === 'across' => $many.', place',
            str_ends_with($many, 'ies') => substr($many, 0, -3).'y',
            str_ends_with($many, 's') => substr($many, 0, -1),
            default => $many,
        };
    }
}
