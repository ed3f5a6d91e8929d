<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Tone\CubeSteps;

/**
 * How much each of many plates prints for every colour: a cube of colours solved together. Each node takes damped Gauss–Newton
 * steps towards its colour, tied to the mean of its neighbours and with a small price on ink, within bare and solid; first on a
 * coarse cube with a strong tie, then on finer ones with an easy one: so plates are smooth, and few inks print at any place.
 *
 * @phpstan-import-type Planes from CubeSteps
 */
final readonly class MixTable
{
    public const SIDE = 33;
    /** Nodes a side, rounds, and the tie at the first round and at the last, ΔE00² for a whole coverage. */
    private const LEVELS = [[9, 80, 200.0, 6.0], [17, 30, 20.0, 3.0], [33, 10, 6.0, 3.0]];
    /** A cube as coarse as this is for a first look at a print. */
    public const COARSE = 9;
    /** Inks that multiply are smooth: so many nodes a side are enough for them. */
    public const MIDDLE = 17;
    /** No step is longer, in the first round and in the last: what is straight near a node is not far from it. */
    private const FURTHEST = 0.1;
    private const NEAREST = 0.01;
    private const BEGIN = 0.15;
    /** So many rounds the halves of a cube are solved apart before they see each other’s steps. */
    private const APART = 5;
    /** Steps a channel of films: half of them would be seen in the darks. */
    private const STEPS = 128;

    /**
     * @param list<list<float>> $nodes for each plate its coverage at each node, red first, then green, then blue
     * @param int               $side  nodes a side
     */
    private function __construct(public array $nodes, public int $side = self::SIDE)
    {
    }

    /**
     * @param int                                  $finest nodes a side at the most
     * @param \Closure(int): array<int, true>|null $used   nodes of a cube of so many a side that are looked up; the others stay as the coarser one has them; null for all
     */
    public static function of(LayeredInks $inks, MixTerms $terms, int $finest = self::SIDE, ?\Closure $used = null): self
    {
        $last = $inks->many() - 1;
        $side = 0;
        $nodes = [];
        foreach (self::LEVELS as [$next, $rounds, $strong, $easy]) {
            if ($next > $finest) {
                break;
            }
            $nodes = $side === 0
                ? array_fill(0, $next ** 3, array_fill(0, $inks->many(), self::BEGIN))
                : self::finer($nodes, $side, $next);
            $side = $next;
            $nodes = self::settled($inks, $terms, $nodes, $side, $rounds, $strong, easy: $easy, used: $used !== null && $side >= self::MIDDLE ? $used($side) : null);
        }

        return new self(array_map(static fn (int $plate): array => array_column($nodes, $plate), range(0, $last)), $side);
    }

    /**
     * The colours that come out of it, as they are looked up in it.
     *
     * @param \Closure(int, float): float $printed how much a plate prints where so much is asked of it
     *
     * @return Planes red, green and blue of each step
     */
    public function prints(LayeredInks $inks, \Closure $printed): array
    {
        $rgb = [[], [], []];
        foreach ($this->colours($inks, $printed) as $colour) {
            $rgb[0][] = $colour->red / 255;
            $rgb[1][] = $colour->green / 255;
            $rgb[2][] = $colour->blue / 255;
        }

        return [CubeSteps::of($rgb[0], $this->side), CubeSteps::of($rgb[1], $this->side), CubeSteps::of($rgb[2], $this->side)];
    }

    /**
     * What each node prints.
     *
     * @param \Closure(int, float): float $printed how much a plate prints where so much is asked of it
     *
     * @return list<Srgb>
     */
    public function colours(LayeredInks $inks, \Closure $printed): array
    {
        $colours = [];
        for ($i = 0, $all = \count($this->nodes[0] ?? []); $i < $all; ++$i) {
            $colours[] = $inks->colour(array_map(static fn (int $plate, float $asked): float => $printed($plate, $asked), range(0, \count($this->nodes) - 1), array_column($this->nodes, $i)));
        }

        return $colours;
    }

    /** To be kept: a byte for each plate at each node. */
    public function written(): string
    {
        return implode('', array_map(static fn (array $nodes): string => implode('', array_map(static fn (float $a): string => \chr((int) round(255 * $a)), $nodes)), $this->nodes));
    }

    /** @throws \UnexpectedValueException where it is no such text */
    public static function read(string $written, int $plates): self
    {
        $each = intdiv(\strlen($written), max(1, $plates));
        $side = (int) round($each ** (1 / 3));
        if ($each < 8 || $side ** 3 * $plates !== \strlen($written)) {
            throw new \UnexpectedValueException('A kept table of plates is damaged.');
        }

        return new self(array_map(static fn (string $nodes): array => array_map(static fn (string $a): float => \ord($a) / 255, str_split($nodes)), str_split($written, max(1, $each))), $side);
    }

    /** Every second node of what was kept: enough for a look while a hand is on it. */
    public static function glance(string $written, int $plates): self
    {
        $each = intdiv(\strlen($written), max(1, $plates));
        $side = (int) round($each ** (1 / 3));
        $few = intdiv($side + 1, 2);
        if ($side % 2 === 0 || $side ** 3 * $plates !== \strlen($written)) {
            throw new \UnexpectedValueException('A kept table of plates is damaged.');
        }
        $nodes = array_fill(0, $plates, []);
        foreach (array_keys($nodes) as $plate) {
            for ($i = 0, $all = $few ** 3; $i < $all; ++$i) {
                $at = 2 * ($i % $few + $side * (intdiv($i, $few) % $few + $side * intdiv($i, $few ** 2)));
                $nodes[$plate][] = \ord($written[$plate * $each + $at]) / 255;
            }
        }

        return new self($nodes, $few);
    }

    /**
     * @param int $many steps a channel
     *
     * @return list<string> how much each plate prints, as it is looked up
     */
    public function steps(int $many = self::STEPS): array
    {
        return SideBySide::all(array_map(fn (array $nodes): \Closure => fn (): string => CubeSteps::of($nodes, $this->side, $many), $this->nodes));
    }

    /**
     * @param list<list<float>>     $nodes
     * @param array<int, true>|null $used
     *
     * @return list<list<float>>
     */
    private static function settled(LayeredInks $inks, MixTerms $terms, array $nodes, int $side, int $rounds, float $strong, float $easy, ?array $used): array
    {
        $wished = [];
        foreach (array_keys($nodes) as $i) {
            if ($used === null || isset($used[$i])) {
                $wished[$i] = new WishedColour(new Srgb(...array_map(static fn (int $n): int => (int) round(255 * $n / ($side - 1)), [$i % $side, intdiv($i, $side) % $side, intdiv($i, $side ** 2)])));
            }
        }
        $pace = [];
        for ($round = 0; $round < $rounds; ++$round) {
            $done = $round / max(1, $rounds - 1);
            $pace[] = [$strong * ($easy / $strong) ** $done, self::FURTHEST * (self::NEAREST / self::FURTHEST) ** $done];
        }
        $halves = array_chunk($wished, max(1, intdiv(\count($wished) + 1, 2)), true);
        foreach (array_chunk($pace, self::APART) as $some) {
            $parts = SideBySide::all(array_map(static fn (array $half): \Closure => static fn (): array => self::stepped($inks, $terms, $nodes, $half, $side, $some), $halves), $side > 16);
            foreach ($parts as $stepped) {
                foreach ($stepped as $i => $coverages) {
                    $nodes[$i] = $coverages;
                }
            }
        }

        return $nodes;
    }

    /**
     * @param array<int, list<float>>   $nodes
     * @param array<int, WishedColour>  $wished of the nodes that take steps
     * @param list<array{float, float}> $pace   of each round the tie, and how far a step goes
     *
     * @return array<int, list<float>> those nodes, so many steps further; the others are taken to rest
     */
    private static function stepped(LayeredInks $inks, MixTerms $terms, array $nodes, array $wished, int $side, array $pace): array
    {
        $n = $inks->exponent();
        $stepped = [];
        foreach ($pace as [$tie, $furthest]) {
            $stepped = [];
            foreach ($wished as $i => $colour) {
                $here = $nodes[$i];
                $mean = self::mean($nodes, $i, $side);
                [$root, $adds] = $inks->moved($here);
                [$off, $rows] = $colour->off($root, $n);
                $black = $terms->black === null ? 0.0 : $terms->wishedBlack([$i % $side / ($side - 1), intdiv($i, $side) % $side / ($side - 1), intdiv($i, $side ** 2) / ($side - 1)]);
                $stepped[$i] = MixStep::of($here, $mean, $adds, $off, $rows, $tie, terms: $terms, black: $black, furthest: $furthest);
            }
            foreach ($stepped as $i => $coverages) {
                $nodes[$i] = $coverages;
            }
        }

        return $stepped;
    }

    /**
     * @param array<int, list<float>> $nodes
     *
     * @return list<float> of the nodes beside one
     */
    private static function mean(array $nodes, int $i, int $side): array
    {
        $beside = [];
        foreach ([[1, $i % $side], [$side, intdiv($i, $side) % $side], [$side ** 2, intdiv($i, $side ** 2)]] as [$stride, $at]) {
            if ($at > 0) {
                $beside[] = $nodes[$i - $stride];
            }
            if ($at < $side - 1) {
                $beside[] = $nodes[$i + $stride];
            }
        }
        $count = \count($beside);
        $mean = [];
        foreach ($nodes[$i] as $k => $_) {
            $sum = 0.0;
            foreach ($beside as $coverages) {
                $sum += $coverages[$k];
            }
            $mean[] = $sum / $count;
        }

        return $mean;
    }

    /**
     * Straight between the nodes of a coarser cube.
     *
     * @param list<list<float>> $nodes
     *
     * @return list<list<float>>
     */
    private static function finer(array $nodes, int $side, int $next): array
    {
        $places = array_map(static function (int $i) use ($side, $next): array {
            $at = $i * ($side - 1) / ($next - 1);
            $node = min($side - 2, (int) $at);

            return [$node, $at - $node];
        }, range(0, $next - 1));
        $finer = [];
        foreach ($places as [$b, $pb]) {
            foreach ($places as [$g, $pg]) {
                foreach ($places as [$r, $pr]) {
                    $mixed = [];
                    foreach ($nodes[0] as $k => $_) {
                        $value = 0.0;
                        foreach ([[0, 1 - $pb], [1, $pb]] as [$ub, $wb]) {
                            foreach ([[0, 1 - $pg], [1, $pg]] as [$ug, $wg]) {
                                $at = $r + $side * ($g + $ug + $side * ($b + $ub));
                                $value += $wb * $wg * ($nodes[$at][$k] + $pr * ($nodes[$at + 1][$k] - $nodes[$at][$k]));
                            }
                        }
                        $mixed[] = $value;
                    }
                    $finer[] = $mixed;
                }
            }
        }

        return $finer;
    }
}
