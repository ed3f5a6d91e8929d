<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;

/**
 * One flat colour of the art, with the share of the picture that votes for it, 0–1.
 *
 * @phpstan-type Votes array{int, int, int, int}
 */
final readonly class PaletteColour
{
    /** Shades closer than this are one shade, ΔE00 (heuristic). */
    private const ONE_SHADE = 2.0;
    private const ROUNDS = 12;

    public Lab $lab;

    /** @param list<Votes> $votes the shades that were gathered into it: sums of red, green and blue, and their votes */
    public function __construct(public Srgb $colour, public float $share, private array $votes = [])
    {
        $this->lab = Lab::of($colour);
    }

    /**
     * The two shades that its votes gather round, the larger first (two means in CIELAB); nulls where there is but one.
     *
     * @return array{self, self}|array{null, null}
     */
    public function shades(): array
    {
        $votes = array_map(
            static fn (array $v): array => [
                Lab::of(new Srgb((int) round($v[0] / $v[3]), (int) round($v[1] / $v[3]), (int) round($v[2] / $v[3]))),
                $v,
            ],
            $this->votes,
        );
        usort($votes, fn (array $a, array $b): int => Ciede2000::between($b[0], $this->lab) <=> Ciede2000::between($a[0], $this->lab));
        if (\count($votes) < 2) {
            return [null, null];
        }
        $far = $votes[0][0];
        usort($votes, static fn (array $a, array $b): int => Ciede2000::between($b[0], $far) <=> Ciede2000::between($a[0], $far));
        $centres = [$far, $votes[0][0]];
        $parts = [[0, 0, 0, 0], [0, 0, 0, 0]];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $parts = [[0, 0, 0, 0], [0, 0, 0, 0]];
            $members = [[], []];
            foreach ($votes as [$lab, $vote]) {
                $side = Ciede2000::between($lab, $centres[0]) <= Ciede2000::between($lab, $centres[1]) ? 0 : 1;
                foreach ($vote as $i => $sum) {
                    $parts[$side][$i] += $sum;
                }
                $members[$side][] = $vote;
            }
            if ($parts[0][3] === 0 || $parts[1][3] === 0) {
                return [null, null];
            }
            $colours = array_map(
                static fn (array $p): Srgb => new Srgb((int) round($p[0] / $p[3]), (int) round($p[1] / $p[3]), (int) round($p[2] / $p[3])),
                $parts,
            );
            $centres = array_map(Lab::of(...), $colours);
        }
        if (!isset($colours, $members) || Ciede2000::between($centres[0], $centres[1]) < self::ONE_SHADE) {
            return [null, null];
        }
        $total = $parts[0][3] + $parts[1][3];
        $shades = [];
        foreach ([0, 1] as $side) {
            $shades[] = new self($colours[$side], $this->share * $parts[$side][3] / $total, $members[$side]);
        }

        return $shades[0]->share >= $shades[1]->share ? [$shades[0], $shades[1]] : [$shades[1], $shades[0]];
    }
}
