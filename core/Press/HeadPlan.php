<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;

/** Which frame on which head, where the flash stands, and what to do where heads or flashes are too few. */
final readonly class HeadPlan
{
    /** Inks further apart than this, ΔE00, nobody would merge (heuristic). */
    private const ALIKE = 25.0;

    /**
     * @param list<HeadPlace> $places
     * @param list<string>    $says   what is missing and what can be done; empty where all find their place
     */
    private function __construct(public array $places, public array $says)
    {
    }

    /**
     * @param list<PrintStep> $steps   in print order; their plates are places in $names
     * @param list<string>    $names   of all plates
     * @param list<Lab|null>  $inks    of them; null for one that cannot be merged with another, such as a base
     * @param list<bool>      $watched plates whose ink needs watching: it stands near the operator
     * @param int             $flashes that the shop has
     */
    public static function of(PressWay $way, int $heads, int $flashes, array $steps, array $names, array $inks, array $watched): self
    {
        $places = match ($way) {
            PressWay::Automatic => self::automatic($heads, $steps, $watched),
            PressWay::Rotary => self::rotary($heads, $steps, $watched),
            PressWay::LongTable, PressWay::Hinge => self::rounds($way, $steps),
        };
        $says = [];
        $needed = $way->carriesAll() ? \count($places) : 0;
        $wanted = \count(array_filter($steps, static fn (PrintStep $s): bool => $s->flashAfter));
        if ($needed > $heads) {
            $says[] = self::tooFew($needed, $heads, $way === PressWay::Automatic ? $wanted : 0, $steps, $names, $inks);
        }
        // By hand one flash serves all: the piece goes back under it.
        if ($way === PressWay::Automatic && $wanted > $flashes) {
            $says[] = \sprintf('%d flashes are wanted and %s here: print wet on wet on finer mesh where inks touch least, or send the piece round twice.', $wanted, self::are($flashes));
        } elseif ($way === PressWay::Rotary && $wanted > 0 && $flashes === 0) {
            $says[] = \sprintf('%d flashes are wanted and none is here: print two rounds, each cured before the next, or bring one.', $wanted);
        }

        return new self($places, $says);
    }

    /**
     * A flash takes the head after its plate.
     *
     * @param list<PrintStep> $steps
     * @param list<bool>      $watched
     *
     * @return list<HeadPlace>
     */
    private static function automatic(int $heads, array $steps, array $watched): array
    {
        $needed = \count($steps) + \count(array_filter($steps, static fn (PrintStep $s): bool => $s->flashAfter));
        // What is over serves as cooling after each flash, the first ones first.
        $over = max(0, $heads - $needed);
        $places = [];
        foreach ($steps as $step) {
            $places[] = new HeadPlace(\count($places) + 1, $step->plate, false, ($watched[$step->plate] ?? false) ? 'watch its ink' : '');
            if ($step->flashAfter) {
                $places[] = new HeadPlace(\count($places) + 1, null, true, 'flash');
                if ($over > 0) {
                    $places[] = new HeadPlace(\count($places) + 1, null, false, 'left empty: the piece cools');
                    --$over;
                }
            }
        }

        return $places;
    }

    /**
     * In print order round the press; turned so that an ink that needs watching stands nearest to the operator.
     *
     * @param list<PrintStep> $steps
     * @param list<bool>      $watched
     *
     * @return list<HeadPlace>
     */
    private static function rotary(int $heads, array $steps, array $watched): array
    {
        $first = 0;
        foreach ($steps as $k => $step) {
            if ($watched[$step->plate] ?? false) {
                $first = $k;
                break;
            }
        }
        $round = max($heads, \count($steps));
        $places = [];
        foreach ($steps as $k => $step) {
            $places[] = new HeadPlace(
                1 + (($k - $first) % $round + $round) % $round,
                $step->plate,
                $step->flashAfter,
                trim((($watched[$step->plate] ?? false) ? 'watch its ink' : '').($step->flashAfter ? ($watched[$step->plate] ?? false ? ', ' : '').'then under the flash' : '')),
            );
        }

        return $places;
    }

    /**
     * @param list<PrintStep> $steps
     *
     * @return list<HeadPlace>
     */
    private static function rounds(PressWay $way, array $steps): array
    {
        return array_map(static fn (PrintStep $step, int $k): HeadPlace => new HeadPlace(
            $k + 1,
            $step->plate,
            false,
            $way === PressWay::LongTable
                ? ($k === 0 ? 'along the whole table, stop after stop' : 'along the table again, once the last colour is dry')
                : ($k === 0 ? 'all pieces, then to the rack' : 'all pieces again, once they are dry'),
        ), $steps, array_keys($steps));
    }

    /**
     * @param list<PrintStep> $steps
     * @param list<string>    $names
     * @param list<Lab|null>  $inks
     */
    private static function tooFew(int $needed, int $heads, int $flashes, array $steps, array $names, array $inks): string
    {
        $nearest = null;
        $least = self::ALIKE;
        foreach ($steps as $a => $one) {
            foreach (\array_slice($steps, $a + 1) as $two) {
                [$ink, $other] = [$inks[$one->plate], $inks[$two->plate]];
                $off = $ink === null || $other === null ? \INF : Ciede2000::between($ink, $other);
                if ($off < $least) {
                    [$least, $nearest] = [$off, [$names[$one->plate], $names[$two->plate]]];
                }
            }
        }

        return \sprintf(
            '%d heads are needed%s and the press has %d. %s%s two rounds: the first %d, cured, then the rest, registered to the first.',
            $needed,
            $flashes > 0 ? \sprintf(', %d of them for flashes,', $flashes) : '',
            $heads,
            $nearest === null ? '' : \sprintf('Nearest in colour are %s and %s (ΔE %.0f): merged they save one. ', $nearest[0], $nearest[1], $least),
            $nearest === null ? 'Print' : 'Or print',
            min($heads, max(1, $needed - 1)),
        );
    }

    private static function are(int $flashes): string
    {
        return $flashes === 0 ? 'none is' : ($flashes === 1 ? 'one is' : $flashes.' are');
    }
}
