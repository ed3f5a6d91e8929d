<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\SetOff;
use Ektype\Core\Halftone\SharedCell;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Separation\GivenInk;

/**
 * The angles of many plates, by what their films print. Plates that share an angle have more or less in common than the print
 * model takes, the more so where the press scatters; plates at angles of their own make patterns, with each other and with the
 * mesh. Either moves the colour by as much as the upper ink changes what the lower one shows: sets of one angle to six are
 * weighed by that, and the least wins.
 *
 * @phpstan-import-type Channels from Srgb
 */
final class AngleSet
{
    /** A fan that many plates usually come to, before it is turned off the mesh, degrees. */
    public const USUAL = [0.0, 22.5, 45.0, 67.5];
    private const MOST = 6;
    /** An angle may leave its place in the fan by so much for a calmer one on the mesh, degrees. */
    private const ROOM = 6.0;
    private const STEP = 0.5;
    /** A quarter turn brings dots back to themselves, degrees. */
    private const WHOLE = 90.0;
    /** Of two sets that are alike the one of fewer angles, per angle. */
    private const FEWER = 0.0005;
    /** A pattern disturbs half as much as a colour that is off by as much (heuristic). */
    private const PATTERN = 0.5;
    /** How far prints of a press scatter where nobody measured it, mm (heuristic). */
    public const USUAL_SCATTER_MM = 0.07;

    /** @var array<int, array<int, float>> how much colour turns on what a lower plate and an upper one have in common, 0–1 of light, root */
    private array $matters = [];
    /** @var list<float> how far each plate’s ink stands out from what it lies on */
    private array $shows;

    /**
     * @param non-empty-list<GivenInk> $inks      in print order, their hiding as they lie
     * @param Halftone                 $dots      ruling, and the first angle
     * @param float                    $scatterMm sigma of the press
     * @param bool                     $base      whether the first ink lies under all others
     */
    private function __construct(Srgb $garment, private array $inks, private Halftone $dots, private Mesh $mesh, private Dot $dot, private float $scatterMm, bool $base)
    {
        $cloth = self::root($garment);
        $under = $base ? [$cloth, self::root($inks[0]->colour)] : [$cloth];
        $shows = [];
        foreach ($inks as $i => $ink) {
            $colour = self::root($ink->colour);
            $grounds = $base && $i === 0 ? [$cloth] : $under;
            $shows[$i] = sqrt(array_sum(array_map(static fn (array $ground): float => self::square($ink->transparent ? self::times($ground, $colour) : $colour, $ground), $grounds)) / \count($grounds));
            for ($k = 0; $k < $i; ++$k) {
                $this->matters[$k][$i] = $shows[$k] * ($ink->transparent ? 1 - array_sum($colour) / 3 : $ink->hiding);
            }
        }
        $this->shows = array_values($shows);
    }

    /**
     * @param non-empty-list<GivenInk> $inks      in print order, their hiding as they lie
     * @param Halftone                 $dots      ruling, and the first angle
     * @param float|null               $scatterMm sigma of the press; null where nobody measured it
     * @param bool                     $base      whether the first ink lies under all others
     *
     * @return non-empty-list<Halftone> of each plate
     */
    public static function of(Srgb $garment, array $inks, Halftone $dots, Mesh $mesh, Dot $dot, ?float $scatterMm, bool $base): array
    {
        /** @var array<string, non-empty-list<float>> $known */
        static $known = [];
        $scatterMm ??= self::USUAL_SCATTER_MM;
        $key = serialize([$garment, $inks, $dots, $mesh, $dot, $scatterMm, $base]);
        $angles = $known[$key] ??= (new self($garment, $inks, $dots, $mesh, $dot, $scatterMm, base: $base))->best();

        return array_map(static fn (float $angle): Halftone => new Halftone($dots->lpi, $angle), $angles);
    }

    /** @return non-empty-list<float> angle of each plate, degrees */
    private function best(): array
    {
        [$best, $least] = [array_map(fn (GivenInk $ink): float => $this->dots->angleDeg, $this->inks), \INF];
        for ($many = 1, $most = min(self::MOST, \count($this->inks)); $many <= $most; ++$many) {
            $angles = $this->angles($many);
            $places = $this->shared($many);
            $off = $this->off($angles, $places) + self::FEWER * $many;
            if ($off < $least) {
                [$best, $least] = [array_map(static fn (int $place): float => $angles[$place], $places), $off];
            }
        }

        return $best;
    }

    /** @return non-empty-list<float> a fan of so many, each near its place where it is calm on the mesh, degrees */
    private function angles(int $many): array
    {
        $moire = new Moire($this->mesh);
        $angles = [$this->dots->angleDeg];
        for ($i = 1; $i < $many; ++$i) {
            $place = $this->dots->angleDeg + self::WHOLE * $i / $many;
            [$calm, $least] = [$place, \INF];
            for ($angle = $place - self::ROOM; $angle <= $place + self::ROOM; $angle += self::STEP) {
                $score = hypot($moire->score($this->dots->lpi, $angle), 100 * sqrt(array_sum(array_map(fn (float $other): float => $this->beats($angle, $other) ** 2, $angles)))) + self::FEWER * abs($angle - $place);
                if ($score < $least) {
                    [$calm, $least] = [$angle, $score];
                }
            }
            $angles[] = fmod($calm + self::WHOLE, self::WHOLE);
        }

        return $angles;
    }

    /** @return non-empty-list<int> which of so many angles each plate has: those share one whose overlap matters least */
    private function shared(int $many): array
    {
        $all = array_map(fn (int $i): float => array_sum($this->matters[$i] ?? []) + array_sum(array_column($this->matters, $i)), array_keys($this->inks));
        arsort($all);
        $groups = array_fill(0, $many, []);
        $places = array_map(static fn (): int => 0, $this->inks);
        foreach (array_keys($all) as $plate) {
            [$place, $least] = [0, \INF];
            foreach ($groups as $group => $plates) {
                $cost = array_sum(array_map(fn (int $other): float => $this->pair($plate, $other) ** 2, $plates));
                if ($cost < $least) {
                    [$place, $least] = [$group, $cost];
                }
            }
            $groups[$place][] = $plate;
            $places[$plate] = $place;
        }

        return array_values($places);
    }

    /**
     * @param non-empty-list<float> $angles
     * @param non-empty-list<int>   $places which of them each plate has
     *
     * @return float how far colours are off by it, 0–1 of light, root
     */
    private function off(array $angles, array $places): float
    {
        $moire = new Moire($this->mesh);
        $scatter = \M_SQRT2 * $this->scatterMm * $this->dots->lpi / 25.4;
        $sets = array_map(SetOff::of(...), array_count_values($places));
        $parts = array_map(static function (int $place) use (&$sets): array {
            return array_shift($sets[$place]) ?? [0.0, 0.0];
        }, $places);
        $sum = 0.0;
        foreach ($places as $i => $place) {
            $sum += (self::PATTERN * $this->shows[$i] * $moire->score($this->dots->lpi, $angles[$place]) / 100) ** 2;
            foreach (\array_slice($places, $i + 1, null, true) as $k => $other) {
                $off = $place === $other
                    ? SharedCell::off($this->dot, [$parts[$k][0] - $parts[$i][0], $parts[$k][1] - $parts[$i][1]], $scatter)
                    : self::PATTERN * $this->beats($angles[$place], $angles[$other]);
                $sum += ($this->pair($i, $k) * $off) ** 2;
            }
        }

        return sqrt($sum);
    }

    /** @return float pattern of two plates at these angles, share of their ink */
    private function beats(float $one, float $two): float
    {
        return Moire::scoreOf(Moire::betweenPlates(new Halftone($this->dots->lpi, $one), new Halftone($this->dots->lpi, $two))) / 100;
    }

    private function pair(int $one, int $two): float
    {
        return $this->matters[min($one, $two)][max($one, $two)] ?? 0.0;
    }

    /** @return Channels */
    private static function root(Srgb $colour): array
    {
        [$r, $g, $b] = $colour->linear();

        return [$r ** (1 / PrintedLayers::YULE_NIELSEN), $g ** (1 / PrintedLayers::YULE_NIELSEN), $b ** (1 / PrintedLayers::YULE_NIELSEN)];
    }

    /**
     * @param Channels $one
     * @param Channels $two
     *
     * @return Channels
     */
    private static function times(array $one, array $two): array
    {
        return [$one[0] * $two[0], $one[1] * $two[1], $one[2] * $two[2]];
    }

    /**
     * @param Channels $one
     * @param Channels $two
     */
    private static function square(array $one, array $two): float
    {
        return (($one[0] - $two[0]) ** 2 + ($one[1] - $two[1]) ** 2 + ($one[2] - $two[2]) ** 2) / 3;
    }
}
