<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Index;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;

/**
 * What becomes of an index print where wet inks even out instead of staying squares: neighbours mix as pigments do, and a
 * strong one takes over. Each mixture by its ratio of absorption to scattering (P. Kubelka, F. Munk, 1931), channel by channel;
 * extender thins an ink’s part in it.
 *
 * @phpstan-import-type Channels from Srgb
 */
final readonly class WetOnWet
{
    /** More extender than this makes an ink too thin to hide (heuristic). */
    public const MOST_EXTENDER = 0.25;
    private const STEP = 0.05;
    /** Windows that are looked at, and their side, squares. */
    private const WINDOWS = 320;
    private const SIDE = 4;
    /** A shift towards an ink is told from here on, ΔE (heuristic). */
    private const TOLD = 1.0;
    private const LEAST_LIGHT = 0.004;

    /**
     * @param list<InkPull> $inks
     * @param float         $shift mean ΔE00 of that without extender
     * @param float         $with  the same with it
     */
    private function __construct(public array $inks, public float $shift, public float $with)
    {
    }

    /** @param string $squares which corner each square shows, a byte each */
    public static function of(string $squares, int $across, IndexRequest $request): self
    {
        $windows = self::windows($squares, $across, \count($request->inks));
        $extender = array_fill(0, \count($request->inks), 0.0);
        $shift = self::shift($windows, $request, $extender);
        $pulls = self::pulls($windows, $request);
        arsort($pulls);
        $with = $shift;
        foreach ($pulls as $ink => $pull) {
            if ($pull <= 0) {
                continue;
            }
            for ($step = 1; $step * self::STEP <= self::MOST_EXTENDER + 1e-9; ++$step) {
                $tried = array_replace($extender, [$ink => $step * self::STEP]);
                $then = self::shift($windows, $request, $tried);
                if ($then < $with - 1e-6) {
                    [$extender, $with] = [$tried, $then];
                }
            }
        }
        $told = [];
        foreach ($request->inks as $i => $ink) {
            $told[] = new InkPull($ink->name, $pulls[$i] ?? 0.0, $extender[$i]);
        }

        return new self($told, $shift, $with);
    }

    /** @return list<string> */
    public function says(): array
    {
        $says = [];
        foreach ($this->inks as $one) {
            if ($one->pull >= self::TOLD && $one->extender > 0) {
                $says[] = \sprintf('%s dominates: where wet squares even out, the print moves by ΔE %.1f towards it. Thin it with %.0f %% of extender (never more than a quarter), or print it earlier.', $one->ink, $one->pull, 100 * $one->extender);
            }
        }

        return $says;
    }

    /** @return list<list<int>> how many squares of each window show each ink, those of no ink left out */
    private static function windows(string $squares, int $across, int $inks): array
    {
        $down = intdiv(\strlen($squares), $across);
        $windows = [];
        for ($i = 0; $i < self::WINDOWS; ++$i) {
            $x = (int) (max(1, $across - self::SIDE) * fmod($i * 0.7548776662466927, 1.0));
            $y = (int) (max(1, $down - self::SIDE) * fmod($i * 0.5698402909980532, 1.0));
            $counts = array_fill(0, $inks, 0);
            for ($dy = 0; $dy < min(self::SIDE, $down); ++$dy) {
                for ($dx = 0; $dx < min(self::SIDE, $across); ++$dx) {
                    $corner = \ord($squares[($y + $dy) * $across + $x + $dx]);
                    if ($corner > 0 && $corner <= $inks) {
                        ++$counts[$corner - 1];
                    }
                }
            }
            if (\count(array_filter($counts, static fn (int $count): bool => $count > 0)) > 1) {
                $windows[] = array_values($counts);
            }
        }

        return $windows;
    }

    /**
     * @param list<list<int>>   $windows
     * @param array<int, float> $extender
     */
    private static function shift(array $windows, IndexRequest $request, array $extender): float
    {
        $sum = 0.0;
        foreach ($windows as $counts) {
            $sum += Ciede2000::between(self::apart($counts, $request), self::evened($counts, $request, $extender));
        }

        return $windows === [] ? 0.0 : $sum / \count($windows);
    }

    /**
     * How far the evened prints lie nearer to each ink than the squares do, in the mean of the windows that have it.
     *
     * @param list<list<int>> $windows
     *
     * @return array<int, float>
     */
    private static function pulls(array $windows, IndexRequest $request): array
    {
        $pulls = [];
        foreach ($request->inks as $i => $ink) {
            $lab = Lab::of($ink->colour);
            [$sum, $many] = [0.0, 0];
            foreach ($windows as $counts) {
                if ($counts[$i] > 0) {
                    $sum += self::far(self::apart($counts, $request), $lab) - self::far(self::evened($counts, $request, []), $lab);
                    ++$many;
                }
            }
            $pulls[$i] = $many === 0 ? 0.0 : $sum / $many;
        }

        return $pulls;
    }

    private static function far(Lab $one, Lab $other): float
    {
        return hypot(hypot($one->a - $other->a, $one->b - $other->b), $one->l - $other->l);
    }

    /** @param list<int> $counts */
    private static function apart(array $counts, IndexRequest $request): Lab
    {
        $n = PrintedLayers::YULE_NIELSEN;
        $root = [0.0, 0.0, 0.0];
        $all = max(1, array_sum($counts));
        foreach ($counts as $i => $count) {
            foreach ($request->inks[$i]->colour->linear() as $c => $light) {
                $root[$c] += $count / $all * $light ** (1 / $n);
            }
        }

        return Lab::fromLinear($root[0] ** $n, $root[1] ** $n, $root[2] ** $n);
    }

    /**
     * @param list<int>         $counts
     * @param array<int, float> $extender
     */
    private static function evened(array $counts, IndexRequest $request, array $extender): Lab
    {
        $ratio = [0.0, 0.0, 0.0];
        $all = 0.0;
        foreach ($counts as $i => $count) {
            $part = $count * (1 - ($extender[$i] ?? 0.0));
            $all += $part;
            foreach (self::ratios($request->inks[$i]->colour) as $c => $ks) {
                $ratio[$c] += $part * $ks;
            }
        }
        $light = array_map(static function (float $ks) use ($all): float {
            $ks /= max(1e-9, $all);

            return 1 + $ks - sqrt($ks * $ks + 2 * $ks);
        }, $ratio);

        return Lab::fromLinear($light[0], $light[1], $light[2]);
    }

    /** @return Channels absorption to scattering of each channel */
    private static function ratios(Srgb $colour): array
    {
        [$r, $g, $b] = array_map(static function (float $light): float {
            $light = max(self::LEAST_LIGHT, min(1.0, $light));

            return (1 - $light) ** 2 / (2 * $light);
        }, $colour->linear());

        return [$r, $g, $b];
    }
}
