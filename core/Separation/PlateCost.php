<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Hiding;

/**
 * What each plate buys: how the print changes when it is dropped, or printed in the ink of another. Flat art is a handful
 * of colours with their areas, so the print with fewer plates is known exactly: each colour that lost its ink takes the
 * nearest that is left, or the garment.
 */
final readonly class PlateCost
{
    /** A change larger than this is seen, ΔE00. */
    public const SEEN_DELTA_E = 5.0;
    /** Up to so many inks every choice is tried; above, they go one by one. */
    private const TRY_ALL = 10;

    /** @var list<Lab> how each plate looks printed */
    private array $printed;
    /** @var list<float> */
    private array $shares;
    private Lab $bare;

    /**
     * @param list<InkArea> $inks   the colour plates, base aside
     * @param bool          $onBase whether they stand on a white base
     */
    public function __construct(private array $inks, Srgb $garment, bool $onBase)
    {
        $layers = new PrintedLayers();
        $this->bare = Lab::of($garment);
        $under = $onBase ? [[new Srgb(246, 244, 238), 1.0, Hiding::WISHED]] : [];
        $this->printed = array_map(
            static fn (InkArea $ink): Lab => Lab::of($layers->over($garment, [...$under, [$ink->colour, 1.0, Hiding::WISHED]])),
            $inks,
        );
        $whole = array_sum(array_map(static fn (InkArea $ink): float => $ink->areaCm2, $inks));
        $this->shares = array_map(static fn (InkArea $ink): float => $whole > 0 ? $ink->areaCm2 / $whole : 0.0, $inks);
    }

    /**
     * The best print for each number of inks, from all to one.
     *
     * @return list<FewerInks>
     */
    public function ranked(): array
    {
        $all = array_keys($this->inks);
        $rows = [];
        $kept = $all;
        for ($count = \count($all); $count >= 1; --$count) {
            $choices = \count($all) <= self::TRY_ALL ? self::subsets($all, $count) : self::subsets($kept, $count);
            $best = null;
            foreach ($choices as $choice) {
                $row = $this->row($choice);
                $best = $best === null || $row->change->meanDeltaE < $best->change->meanDeltaE ? $row : $best;
            }
            if ($best !== null) {
                $kept = $best->kept;
                $rows[] = $best;
            }
        }

        return $rows;
    }

    /**
     * What losing each plate alone costs.
     *
     * @return list<PlateLoss>
     */
    public function each(): array
    {
        $rows = [];
        foreach ($this->inks as $i => $ink) {
            $nearest = null;
            foreach (array_keys($this->inks) as $j) {
                if ($i !== $j && ($nearest === null || Ciede2000::between(
                    $this->printed[$i],
                    $this->printed[$j],
                ) < Ciede2000::between($this->printed[$i], $this->printed[$nearest]))) {
                    $nearest = $j;
                }
            }
            $rows[] = new PlateLoss(
                $ink->name,
                $this->change([$i => null]),
                $nearest === null ? null : $this->inks[$nearest]->name,
                $nearest === null ? null : $this->change([$i => $nearest]),
            );
        }

        return $rows;
    }

    /** @param list<int> $kept */
    private function row(array $kept): FewerInks
    {
        $becomes = [];
        foreach (array_keys($this->inks) as $i) {
            if (\in_array($i, $kept, true)) {
                continue;
            }
            $becomes[$i] = null;
            $least = Ciede2000::between($this->printed[$i], $this->bare);
            foreach ($kept as $j) {
                $distance = Ciede2000::between($this->printed[$i], $this->printed[$j]);
                if ($distance < $least) {
                    $least = $distance;
                    $becomes[$i] = $j;
                }
            }
        }

        return new FewerInks(\count($kept), $kept, $becomes, $this->change($becomes));
    }

    /** @param array<int, int|null> $becomes */
    private function change(array $becomes): SeenChange
    {
        $steps = [];
        foreach (array_keys($this->inks) as $i) {
            $now = \array_key_exists(
                $i,
                $becomes,
            ) ? ($becomes[$i] === null ? $this->bare : $this->printed[$becomes[$i]]) : $this->printed[$i];
            $steps[] = [Ciede2000::between($this->printed[$i], $now), $this->shares[$i]];
        }
        sort($steps);
        $mean = $changed = $below = 0.0;
        $p95 = null;
        foreach ($steps as [$deltaE, $share]) {
            $mean += $deltaE * $share;
            $changed += $deltaE > self::SEEN_DELTA_E ? $share : 0.0;
            $below += $share;
            $p95 ??= $below >= 0.95 - 1e-9 ? $deltaE : null;
        }

        return new SeenChange(round(100 * $changed, 3), round($mean, 3), round($p95 ?? 0.0, 3));
    }

    /**
     * @param list<int> $of
     *
     * @return iterable<list<int>>
     */
    private static function subsets(array $of, int $count): iterable
    {
        if ($count === 0) {
            yield [];

            return;
        }
        foreach ($of as $at => $one) {
            foreach (self::subsets(\array_slice($of, $at + 1), $count - 1) as $rest) {
                yield [$one, ...$rest];
            }
        }
    }
}
