<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Colour\BesideEachOther;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\GivenInk;

/**
 * How much of each ink shows a lightness on its garment: the print model, solved the other way round. Garment and inks stand in
 * order of lightness, and what lies between two neighbours is made of dots of these two: a light ink on dark cloth prints in the
 * lights of the picture by itself, and between a dark and a light ink a garment carries the tones round its own.
 */
final readonly class InkTones
{
    /** Lightness beyond what the print has by less than this is not told, L* (heuristic). */
    private const NOT_SEEN = 2.0;
    /** The same as a share of the picture. */
    private const LITTLE = 0.01;
    private const STEPS = 255;

    private BesideEachOther $model;
    /** @var list<list<float>> coverage of each ink along the way from the darkest print to the lightest */
    private array $way;
    /** @var list<float> lightness along the way, never falling, L* */
    private array $lights;

    /**
     * @param list<GivenInk>                $inks  one or two
     * @param (callable(float): float)|null $under how much the second ink has room for beside so much of the first, 0–1; all that is left where none is given
     */
    public function __construct(private Srgb $garment, private array $inks, private Tones $range = new Tones(0.0, 1.0), ?callable $under = null)
    {
        $this->model = new BesideEachOther($garment, array_map(static fn (GivenInk $one): LaidInk => new LaidInk($one->colour, 1.0, $one->hiding), $inks));
        $ends = [[$this->model->lab(array_fill(0, \count($inks), 0.0))->l, null]];
        foreach (array_keys($inks) as $i) {
            $ends[] = [$this->model->lab($this->only($i, 1.0))->l, $i];
        }
        usort($ends, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $way = [];
        foreach (\array_slice($ends, 1) as $n => [, $lighter]) {
            $darker = $ends[$n][1];
            for ($step = $n === 0 ? 0 : 1; $step <= self::STEPS; ++$step) {
                $way[] = $this->between($darker, $lighter, $step / self::STEPS, $under);
            }
        }
        $this->way = $way;
        $most = 0.0;
        $lights = [];
        foreach ($way as $coverages) {
            $lights[] = $most = max($most, $this->model->lab($coverages)->l);
        }
        $this->lights = $lights;
    }

    /**
     * @param float $lightness L*
     *
     * @return list<float> coverage of each ink, 0–1, before the range of the mesh
     */
    public function wished(float $lightness): array
    {
        $at = self::first($this->lights, $lightness);
        if ($at < 1 || $lightness >= $this->lights[\count($this->lights) - 1]) {
            return $this->way[$at];
        }
        [$before, $here] = [$this->lights[$at - 1], $this->lights[$at]];
        $part = $here - $before < 1e-9 ? 1.0 : ($lightness - $before) / ($here - $before);

        return array_map(static fn (float $a, float $b): float => $a + $part * ($b - $a), $this->way[$at - 1], $this->way[$at]);
    }

    /** Brought into what the mesh holds; bare stays bare and solid stays solid. */
    public function held(float $coverage): float
    {
        return $this->range->bring($coverage);
    }

    /** @return list<float> coverage of each ink as it is printed, 0–1 */
    public function printed(float $lightness): array
    {
        return array_map($this->held(...), $this->wished($lightness));
    }

    /** @return list<string> for each ink: how much of it is printed for each lightness of a picture, 0 to 255 for L* 0 to 100, a byte each */
    public function tables(): array
    {
        $printed = array_map(fn (int $light): array => $this->printed($light / 2.55), range(0, 255));

        return array_map(
            static fn (int $i): string => implode('', array_map(static fn (float $coverage): string => \chr((int) round(255 * $coverage)), array_column($printed, $i))),
            array_keys($this->inks),
        );
    }

    /**
     * @param array<int, int> $lights how many places of the picture have each lightness, 0 to 255
     *
     * @return list<string> what the print cannot show
     */
    public function says(array $lights): array
    {
        $all = max(1, array_sum($lights));
        [$darkest, $lightest] = [$this->lights[0], $this->lights[\count($this->lights) - 1]];
        $darker = $lighter = 0;
        $moved = 0.0;
        foreach ($lights as $light => $count) {
            $lightness = $light / 2.55;
            $darker += $lightness < $darkest - self::NOT_SEEN ? $count : 0;
            $lighter += $lightness > $lightest + self::NOT_SEEN ? $count : 0;
            if ($count > 0) {
                $wished = $this->wished($lightness);
                $moved = max($moved, abs($this->model->lab(array_map($this->held(...), $wished))->l - $this->model->lab($wished)->l));
            }
        }
        $says = [];
        if ($darker / $all > self::LITTLE) {
            $says[] = \sprintf('%.0f %% of the picture is darker than %s can be (L* %.0f): it prints as one tone.', 100 * $darker / $all, $this->who($this->way[0]), $darkest);
        }
        if ($lighter / $all > self::LITTLE) {
            $says[] = \sprintf('%.0f %% of the picture is lighter than %s can be (L* %.0f): it prints as one tone.', 100 * $lighter / $all, $this->who($this->way[\count($this->way) - 1]), $lightest);
        }
        if ($moved > self::NOT_SEEN) {
            $says[] = \sprintf('To hold on the mesh, tones are brought to %.0f to %.0f %%: that moves them by up to L* %.0f. A finer mesh or a coarser ruling holds more.', 100 * $this->range->lightest, 100 * $this->range->darkest, $moved);
        }

        return $says;
    }

    /** The ink with which a picture has the most tones on a garment: the one furthest from it in lightness. */
    public static function furthest(Srgb $garment, GivenInk ...$inks): GivenInk
    {
        $cloth = Lab::of($garment)->l;
        usort($inks, static fn (GivenInk $a, GivenInk $b): int => abs(Lab::of($b->colour)->l - $cloth) <=> abs(Lab::of($a->colour)->l - $cloth));

        return $inks[0] ?? throw new \LogicException('There is an ink.');
    }

    /** @param list<float> $coverages of an end of the way */
    private function who(array $coverages): string
    {
        arsort($coverages);
        $most = (int) array_key_first($coverages);

        return match (true) {
            $coverages[$most] <= 0.0 => 'the garment',
            default => $this->inks[$most]->name,
        };
    }

    /** @return list<float> */
    private function only(int $ink, float $coverage): array
    {
        $coverages = array_fill(0, \count($this->inks), 0.0);
        $coverages[$ink] = $coverage;

        return array_values($coverages);
    }

    /**
     * A mixture of two ends, each the garment or an ink.
     *
     * @param (callable(float): float)|null $under
     *
     * @return list<float>
     */
    private function between(?int $darker, ?int $lighter, float $part, ?callable $under): array
    {
        $coverages = array_fill(0, \count($this->inks), 0.0);
        if ($darker !== null) {
            $coverages[$darker] = 1 - $part;
        }
        if ($lighter !== null) {
            $coverages[$lighter] = $part;
        }
        if ($darker !== null && $lighter !== null && $under !== null) {
            $coverages[1] = min($coverages[1], $under($coverages[0]));
        }

        return array_values($coverages);
    }

    /**
     * @param list<float> $rising
     *
     * @return int<0, max> of the first that reaches a value, or of the last
     */
    private static function first(array $rising, float $value): int
    {
        [$from, $to] = [0, \count($rising) - 1];
        while ($from < $to) {
            $middle = intdiv($from + $to, 2);
            if ($rising[$middle] >= $value) {
                $to = $middle;
            } else {
                $from = $middle + 1;
            }
        }

        return max(0, $from);
    }
}
