<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** The schools of registering screens before the first strike-off, step by step. */
enum RegisterWay: string
{
    /** A plate this much larger than the key would make a better one (heuristic). */
    private const MUCH_LARGER = 1.5;

    case Films = 'films';
    case PrintedMarks = 'printed marks';
    case ClearSheet = 'clear sheet';

    public function says(): string
    {
        return match ($this) {
            self::Films => 'To films on the platen',
            self::PrintedMarks => 'To a printed key',
            self::ClearSheet => 'To a clear sheet, for paper',
        };
    }

    /** Whether all screens are fitted at rest, so that drag that all share cancels. */
    public function atRest(): bool
    {
        return $this === self::Films;
    }

    /**
     * What the hands do, in order.
     *
     * @param string       $key    name of the key plate
     * @param list<string> $others in print order
     *
     * @return list<string>
     */
    public function steps(string $key, array $others): array
    {
        return match ($this) {
            self::Films => [
                \sprintf('Tape the film of %s on the tacked platen, right way up, centred on its line. It stays there to the end.', $key),
                \sprintf('Bring the screen of %s down on it, press the mesh to the film, move the frame until all marks cover theirs, lock, lift, drop, look again.', $key),
                ...array_map(
                    static fn (string $name): string => \sprintf('Lay a white sheet between, then the film of %s with its marks on those of %s; tape it. Fit its screen, mesh pressed down, lock. Take this upper film off before the next: one at a time, so that errors do not add up.', $name, $key),
                    $others,
                ),
                'Take all films off. Knobs stand in the middle; print the strike-off.',
            ],
            self::PrintedMarks => [
                \sprintf('Print %s on test cloth of a contrasting colour, marks and all, and flash it. It stays on the platen.', $key),
                ...array_map(
                    static fn (string $name): string => \sprintf('Bring the screen of %s down on the print, mesh pressed down: lay its marks on the printed ones, lines touching, then just behind by its set-back. Lock, lift, drop, look again.', $name),
                    $others,
                ),
                'Print all on one fresh test cloth: the strike-off.',
            ],
            self::ClearSheet => [
                'Hinge a clear sheet to the table by one edge, so that it comes down in the same place each time.',
                \sprintf('Print %s on the sheet. Put the paper under it until the picture lies right; set stops at two sides.', $key),
                ...array_map(
                    static fn (string $name): string => \sprintf('Wipe the sheet, print %s on it. Lay the first proof under it until the marks meet, and set the stops anew for this colour.', $name),
                    $others,
                ),
                \sprintf('Keep one proof of %s as the key for every colour after it.', $key),
            ],
        };
    }

    /**
     * The key is the base, or the plate with the largest area: the others are seen against it best. Another school takes the darkest.
     *
     * @param list<string> $names in print order, one at least
     * @param list<bool>   $bases whether each is a base
     * @param list<float>  $areas of each, of any unit
     * @param int          $key   place of the one that was chosen
     */
    public static function keySays(array $names, array $bases, array $areas, int $key = 0): string
    {
        $largest = 0;
        foreach ($areas as $i => $area) {
            $largest = $area > $areas[$largest] ? $i : $largest;
        }

        return match (true) {
            $key > 0 => \sprintf('%s is the key, as you chose: readings are taken against it, scans are reckoned back to it.', $names[$key]),
            $bases[0] => \sprintf('%s is the base, and so the key.', $names[0]),
            $largest === 0 => \sprintf('%s covers most, and so is a good key.', $names[0]),
            $areas[$largest] > self::MUCH_LARGER * $areas[0] => \sprintf('%s prints first and is the key of these films. %s covers more: as the fixed film it would show a turn better.', $names[0], $names[$largest]),
            default => \sprintf('%s prints first and is the key.', $names[0]),
        };
    }
}
