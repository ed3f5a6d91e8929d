<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\InkArea;

/**
 * What each plate buys: how the print changes when it is dropped, or printed in the ink of another. Flat art is a handful
 * of colours with their areas, so the print with fewer plates is known exactly: each colour that lost its ink takes the
 * nearest that is left, dots of one that is left, or the garment.
 */
final readonly class PlateCost
{
    /** A change larger than this is seen, ΔE00. */
    public const SEEN_DELTA_E = 5.0;
    /** Up to so many inks every choice is tried; above, they go one by one. */
    private const TRY_ALL = 10;
    /** Dots lighter than this, and holes smaller, are no tint: hardly any mesh holds them (heuristic). */
    private const LIGHTEST = 0.05;
    /** Dots are taken where they come nearer than a flat print by so much, ΔE00 (heuristic). */
    private const WORTH_DOTS = 1.0;

    /** @var list<Lab> how each plate looks printed */
    private array $printed;
    /** @var list<float> */
    private array $shares;
    private Lab $bare;
    /** @var array<int, array<int, Tint>> each ink as dots of each other, where that comes near */
    private array $tints;

    /**
     * @param list<InkArea> $inks   the colour plates, base aside
     * @param bool          $onBase whether they stand on a white base
     */
    public function __construct(private array $inks, private Srgb $garment, private bool $onBase)
    {
        $layers = new PrintedLayers();
        $this->bare = Lab::of($garment);
        $under = $onBase ? [new LaidInk(new Srgb(246, 244, 238), 1.0, Hiding::WISHED)] : [];
        $looks = array_map(static fn (InkArea $ink): Srgb => $layers->over($garment, [...$under, new LaidInk($ink->colour, 1.0, Hiding::WISHED)]), $inks);
        $this->printed = array_map(Lab::of(...), $looks);
        $whole = array_sum(array_map(static fn (InkArea $ink): float => $ink->areaCm2, $inks));
        $tints = [];
        foreach (array_keys($inks) as $i) {
            foreach ($inks as $j => $other) {
                $tint = $i === $j ? null : TintOffers::tint(new TintCandidate((string) $i, $looks[$i]), new TintCandidate((string) $j, $other->colour), $garment, $onBase, new Tones(self::LIGHTEST, 1 - self::LIGHTEST));
                if ($tint !== null && $tint->deltaE <= TintOffers::NEAR) {
                    $tints[$i][$j] = $tint;
                }
            }
        }
        $this->tints = $tints;
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
            $dots = null;
            foreach ($this->tints[$i] ?? [] as $j => $tint) {
                $dots = $dots === null || $tint->deltaE < $this->tints[$i][$dots]->deltaE ? $j : $dots;
            }
            $rows[] = new PlateLoss(
                $ink->name,
                $this->change([$i => null]),
                $nearest === null ? null : $this->inks[$nearest]->name,
                $nearest === null ? null : $this->change([$i => $nearest]),
                $dots === null ? null : $this->inks[$dots]->name,
                $dots === null ? null : $this->tints[$i][$dots]->tone,
                tinted: $dots === null ? null : $this->change([$i => $dots], [$i => $this->tints[$i][$dots]->tone]),
            );
        }

        return $rows;
    }

    /**
     * One ink, two duties: inks that stand out from the garment and could lie under all others in place of the white, so that its
     * screen is saved; they stay open where their own colour is wanted.
     *
     * @return array<int, SeenChange> by ink, the least change first; nothing without a base
     */
    public function bases(): array
    {
        $layers = new PrintedLayers();
        $offers = [];
        foreach ($this->onBase ? $this->inks : [] as $i => $base) {
            if (\count($this->inks) < 2 || abs($this->printed[$i]->l - $this->bare->l) < PlateMaking::BASE_CONTRAST) {
                continue;
            }
            $steps = [];
            foreach ($this->inks as $j => $ink) {
                $under = new LaidInk($base->colour, 1.0, Hiding::WISHED);
                $steps[] = new SeenStep(Ciede2000::between($this->printed[$j], Lab::of($layers->over($this->garment, $i === $j ? [$under] : [$under, new LaidInk($ink->colour, 1.0, Hiding::WISHED)]))), $this->shares[$j]);
            }
            $offers[$i] = self::seen($steps);
        }
        uasort($offers, static fn (SeenChange $a, SeenChange $b): int => $a->meanDeltaE <=> $b->meanDeltaE);

        return $offers;
    }

    /** @param list<int> $kept */
    private function row(array $kept): FewerInks
    {
        [$becomes, $tones] = [[], []];
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
            $least -= self::WORTH_DOTS;
            foreach ($kept as $j) {
                $tint = $this->tints[$i][$j] ?? null;
                if ($tint !== null && $tint->deltaE < $least) {
                    $least = $tint->deltaE;
                    $becomes[$i] = $j;
                    $tones[$i] = $tint->tone;
                }
            }
        }

        return new FewerInks(\count($kept), $kept, $becomes, $this->change($becomes, $tones), $tones);
    }

    /**
     * @param array<int, int|null> $becomes
     * @param array<int, float>    $tones   of those that print as dots
     */
    private function change(array $becomes, array $tones = []): SeenChange
    {
        $steps = [];
        foreach (array_keys($this->inks) as $i) {
            $now = \array_key_exists(
                $i,
                $becomes,
            ) ? ($becomes[$i] === null ? $this->bare : $this->printed[$becomes[$i]]) : $this->printed[$i];
            $tint = isset($tones[$i], $becomes[$i]) ? $this->tints[$i][$becomes[$i]] ?? null : null;
            $steps[] = new SeenStep($tint->deltaE ?? Ciede2000::between($this->printed[$i], $now), $this->shares[$i]);
        }

        return self::seen($steps);
    }

    /** @param list<SeenStep> $steps */
    private static function seen(array $steps): SeenChange
    {
        usort($steps, static fn (SeenStep $a, SeenStep $b): int => $a->deltaE <=> $b->deltaE);
        $mean = $changed = $below = 0.0;
        $p95 = null;
        foreach ($steps as $step) {
            $mean += $step->deltaE * $step->share;
            $changed += $step->deltaE > self::SEEN_DELTA_E ? $step->share : 0.0;
            $below += $step->share;
            $p95 ??= $below >= 0.95 - 1e-9 ? $step->deltaE : null;
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
