<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Layers;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\GivenInk;

/**
 * A tint by parts of transparent inks and of base. What a layer takes from light is proportional to the pigment in it (Bouguer,
 * Lambert, Beer), so parts add up in the logarithm of light.
 *
 * @phpstan-import-type Channels from Srgb
 */
final readonly class TintRecipe
{
    private const MOST = 3;
    private const DARKEST = 0.004;
    /** An ink that takes less part than this is left out, share. */
    private const LITTLE = 0.01;

    /**
     * @param list<TintPart> $parts
     * @param float          $base   share of clear base, 0–1
     * @param float          $deltaE how far the mixture is from the tint, ΔE00
     */
    private function __construct(public array $parts, public float $base, public float $deltaE)
    {
    }

    /** @param list<GivenInk> $inks transparent ones, their colours on white at full strength */
    public static function of(Srgb $tint, array $inks): ?self
    {
        $wished = self::density($tint);
        $best = null;
        foreach (self::sets(\count($inks), min(self::MOST, \count($inks))) as $set) {
            $shares = self::shares($wished, array_map(static fn (int $i): array => self::density($inks[$i]->colour), $set));
            if ($shares === null) {
                continue;
            }
            $sum = array_sum($shares);
            // More than the whole cannot be mixed: as strong as it gets.
            $shares = $sum > 1 ? array_map(static fn (float $s): float => $s / $sum, $shares) : $shares;
            $light = [0.0, 0.0, 0.0];
            foreach ($set as $k => $i) {
                foreach (self::density($inks[$i]->colour) as $c => $d) {
                    $light[$c] += $shares[$k] * $d;
                }
            }
            $off = Ciede2000::between(Lab::of($tint), Lab::fromLinear(exp(-$light[0]), exp(-$light[1]), exp(-$light[2])));
            // One ink more must earn its place.
            if ($best === null || $off < $best->deltaE - 0.5) {
                $best = new self(array_map(static fn (int $i, float $s): TintPart => new TintPart($inks[$i]->name, $s), $set, $shares), max(0.0, 1 - array_sum($shares)), $off);
            }
        }

        return $best;
    }

    /** In plain words, the smallest part as one. */
    public function says(): string
    {
        $least = min([1.0, ...array_map(static fn (TintPart $p): float => $p->share, $this->parts)]);
        $parts = array_map(static fn (TintPart $p): string => \sprintf('%.1f of %s', $p->share / $least, $p->ink), $this->parts);

        return implode(', ', $parts).($this->base > self::LITTLE ? \sprintf(', %.1f of clear base', $this->base / $least) : '');
    }

    /** @return Channels */
    private static function density(Srgb $colour): array
    {
        [$r, $g, $b] = array_map(static fn (float $c): float => -log(max(self::DARKEST, $c)), $colour->linear());

        return [$r, $g, $b];
    }

    /**
     * Least squares by one to three inks; null where one of them would take away colour.
     *
     * @param Channels       $wished
     * @param list<Channels> $inks
     *
     * @return list<float>|null
     */
    private static function shares(array $wished, array $inks): ?array
    {
        $n = \count($inks);
        $rows = [];
        foreach ($inks as $a) {
            $rows[] = [...array_map(static fn (array $b): float => self::dot($a, $b), $inks), self::dot($a, $wished)];
        }
        for ($c = 0; $c < $n; ++$c) {
            if (abs($rows[$c][$c]) < 1e-9) {
                return null;
            }
            for ($r = 0; $r < $n; ++$r) {
                if ($r !== $c) {
                    $by = $rows[$r][$c] / $rows[$c][$c];
                    $rows[$r] = array_map(static fn (float $x, float $y): float => $x - $by * $y, $rows[$r], $rows[$c]);
                }
            }
        }
        $shares = array_map(static fn (array $row, int $i): float => $row[$n] / $row[$i], $rows, array_keys($rows));

        return min([1.0, ...$shares]) < self::LITTLE ? null : $shares;
    }

    /**
     * @param Channels $a
     * @param Channels $b
     */
    private static function dot(array $a, array $b): float
    {
        return $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2];
    }

    /** @return iterable<non-empty-list<int>> sets of one ink, then of two, then of three */
    private static function sets(int $of, int $most): iterable
    {
        for ($a = 0; $a < $of; ++$a) {
            yield [$a];
        }
        for ($a = 0; $most > 1 && $a < $of; ++$a) {
            for ($b = $a + 1; $b < $of; ++$b) {
                yield [$a, $b];
            }
        }
        for ($a = 0; $most > 2 && $a < $of; ++$a) {
            for ($b = $a + 1; $b < $of; ++$b) {
                for ($c = $b + 1; $c < $of; ++$c) {
                    yield [$a, $b, $c];
                }
            }
        }
    }
}
