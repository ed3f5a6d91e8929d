<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\GivenInk;

/**
 * The best inks of a shelf for a picture on a garment, for each number of screens: one after the other the ink that brings the
 * print nearest, and after each every exchange of a chosen ink for another that brings it nearer still.
 *
 * @phpstan-import-type Channels from Srgb
 *
 * @phpstan-type Away array{float, Channels}
 */
final readonly class InkChoice
{
    public const MOST = 12;
    /** An exchange is worth it from so much of the mean ΔE00. */
    private const BETTER = 1e-4;
    private const EXCHANGES = 12;

    private InkGamut $gamut;
    /** @var list<int> corners that show where no ink lies */
    private array $always;
    /** @var list<list<Channels>> for each colour the corners as they are seen from it */
    private array $seen;

    /**
     * @param list<GivenInk> $shelf
     * @param list<int>      $locked    inks that are chosen in any case, by their place on the shelf
     * @param list<int>      $forbidden inks that are not
     * @param GivenInk|null  $base      that lies under all of them, and is not counted
     *
     * @throws ImpossibleMix where there is nothing to choose from
     */
    public function __construct(private PictureColours $picture, Srgb $garment, private array $shelf, private array $locked = [], private array $forbidden = [], ?GivenInk $base = null)
    {
        if ($this->free() === [] && $locked === []) {
            throw ImpossibleMix::at('palette', 'There is no ink to choose: the shelf is empty, or every ink on it was ruled out. Put inks there, or allow one.');
        }
        $this->gamut = $gamut = new InkGamut($garment, $shelf, $base);
        $this->always = $base === null ? [InkGamut::GARMENT] : [InkGamut::GARMENT, \count($shelf) + 1];
        $this->seen = array_map(static fn (ColourShare $one): array => $gamut->around($one->colour), $picture->colours);
    }

    /**
     * @param int $most numbers of inks are tried up to this
     *
     * @return list<ChosenInks> for one ink, two …; as many as there are
     */
    public function upTo(int $most): array
    {
        if ($most < 1 || $most > self::MOST) {
            throw ImpossibleMix::at('max', \sprintf('%d inks cannot be chosen: a picture is printed in 1 to %d. Give the heads that your press has.', $most, self::MOST));
        }
        if ($most < \count($this->locked)) {
            throw ImpossibleMix::at('max', \sprintf('%d inks are locked, so fewer than that cannot be chosen. Give up one of them, or allow %d.', \count($this->locked), \count($this->locked)));
        }
        $chosen = $this->locked;
        $found = [];
        while (\count($chosen) < $most && ($next = $this->next($chosen)) !== null) {
            $chosen = $this->exchanged([...$chosen, $next]);
            $found[] = $this->told($chosen);
        }

        return $found === [] ? [$this->told($chosen)] : $found;
    }

    /** @param list<int> $chosen */
    private function next(array $chosen): ?int
    {
        $without = $this->points($chosen);
        [$best, $least] = [null, \INF];
        foreach (array_diff($this->free(), $chosen) as $ink) {
            $off = $this->with($without, $chosen, $ink);
            if ($off < $least) {
                [$best, $least] = [$ink, $off];
            }
        }

        return $best;
    }

    /**
     * @param list<int> $chosen
     *
     * @return list<int>
     */
    private function exchanged(array $chosen): array
    {
        $least = self::sum($this->points($chosen));
        for ($round = 0; $round < self::EXCHANGES; ++$round) {
            $better = null;
            foreach (array_diff($chosen, $this->locked) as $place => $out) {
                $others = array_values(array_diff($chosen, [$out]));
                $without = $this->points($others);
                foreach (array_diff($this->free(), $chosen) as $ink) {
                    $off = $this->with($without, $others, $ink);
                    if ($off < $least - self::BETTER) {
                        [$better, $least] = [array_values(array_replace($chosen, [$place => $ink])), $off];
                    }
                }
            }
            if ($better === null) {
                break;
            }
            $chosen = $better;
        }

        return $chosen;
    }

    /**
     * How near some inks come to each colour.
     *
     * @param list<int> $inks by their place on the shelf
     *
     * @return list<Away> share of the colour times its distance, about ΔE00; and the nearest point
     */
    private function points(array $inks): array
    {
        $points = [];
        foreach ($this->picture->colours as $c => $one) {
            [$far, , $point] = NearestInHull::of($this->corners($c, $inks));
            $points[] = [$one->share * $far, $point];
        }

        return $points;
    }

    /**
     * How near they come with one more: only colours that it brings nearer are reckoned anew.
     *
     * @param list<Away> $without what they are without it
     * @param list<int>  $inks
     *
     * @return float mean distance of the prints from their colours, about ΔE00
     */
    private function with(array $without, array $inks, int $ink): float
    {
        $sum = 0.0;
        $all = [...$inks, $ink];
        foreach ($this->picture->colours as $c => $one) {
            [$far, $point] = $without[$c];
            $sum += NearestInHull::isNearer($point, $this->seen[$c][$ink + 1]) ? $one->share * NearestInHull::of($this->corners($c, $all))[0] : $far;
        }

        return $sum;
    }

    /** @param list<Away> $points */
    private static function sum(array $points): float
    {
        return array_sum(array_column($points, 0));
    }

    /**
     * @param list<int> $inks
     *
     * @return list<Channels> as they are seen from a colour
     */
    private function corners(int $colour, array $inks): array
    {
        $corners = [];
        foreach ($this->always as $corner) {
            $corners[] = $this->seen[$colour][$corner];
        }
        foreach ($inks as $ink) {
            $corners[] = $this->seen[$colour][$ink + 1];
        }

        return $corners;
    }

    /**
     * How near some inks come; what each is worth is left out.
     *
     * @param list<int> $chosen by their place on the shelf
     */
    public function seen(array $chosen): ChosenInks
    {
        return self::summed($this->measured($chosen), array_combine($chosen, array_fill(0, \count($chosen), 0.0)));
    }

    /** @param list<int> $chosen */
    private function told(array $chosen): ChosenInks
    {
        $all = $this->measured($chosen);
        $worth = $where = [];
        foreach ($chosen as $ink) {
            $without = $this->measured(array_values(array_diff($chosen, [$ink])));
            $worth[$ink] = self::mean($without) - self::mean($all);
            $where[$ink] = self::worse($all, $without);
        }
        arsort($worth);

        return self::summed($all, $worth, $where);
    }

    /**
     * @param list<ColourShare>      $all
     * @param array<int, float>      $worth by ink
     * @param array<int, list<Srgb>> $where colours that need it most
     */
    private static function summed(array $all, array $worth, array $where = []): ChosenInks
    {
        $muddy = array_values(array_filter($all, static fn (ColourShare $one): bool => $one->deltaE > ChosenInks::MUDDY));
        usort($muddy, static fn (ColourShare $a, ColourShare $b): int => $b->deltaE * $b->share <=> $a->deltaE * $a->share);

        return new ChosenInks(
            array_keys($worth),
            array_values($worth),
            self::mean($all),
            self::percentile($all, 0.95),
            array_sum(array_column($muddy, 'share')),
            \array_slice($muddy, 0, ChosenInks::LISTED),
            where: array_map(static fn (int $ink): array => $where[$ink] ?? [], array_keys($worth)),
        );
    }

    /**
     * @param list<int> $inks
     *
     * @return list<ColourShare>
     */
    private function measured(array $inks): array
    {
        $corners = [...\array_slice($this->always, 1), ...array_map(static fn (int $ink): int => $ink + 1, $inks)];

        return array_map(fn (ColourShare $one): ColourShare => new ColourShare($one->colour, $one->share, $this->gamut->nearest($one->colour, $corners)[0]), $this->picture->colours);
    }

    /**
     * The colours that print further off without an ink, those that count most first.
     *
     * @param list<ColourShare> $with
     * @param list<ColourShare> $without
     *
     * @return list<Srgb>
     */
    private static function worse(array $with, array $without): array
    {
        $lost = array_map(static fn (ColourShare $one, ColourShare $other): float => ($other->deltaE - $one->deltaE) * $one->share, $with, $without);
        arsort($lost);
        $colours = [];
        foreach (\array_slice($lost, 0, ChosenInks::PLACES, true) as $i => $much) {
            if ($much > 0) {
                $colours[] = $with[$i]->colour;
            }
        }

        return $colours;
    }

    /** @param list<ColourShare> $measured */
    private static function mean(array $measured): float
    {
        return array_sum(array_map(static fn (ColourShare $one): float => $one->deltaE * $one->share, $measured));
    }

    /** @param list<ColourShare> $measured */
    private static function percentile(array $measured, float $share): float
    {
        usort($measured, static fn (ColourShare $a, ColourShare $b): int => $a->deltaE <=> $b->deltaE);
        $below = 0.0;
        foreach ($measured as $one) {
            $below += $one->share;
            if ($below >= $share - 1e-9) {
                return $one->deltaE;
            }
        }

        return $measured[\count($measured) - 1]->deltaE ?? 0.0;
    }

    /** @return list<int> */
    private function free(): array
    {
        return array_values(array_diff(array_keys($this->shelf), $this->locked, $this->forbidden));
    }
}
