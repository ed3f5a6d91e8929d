<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Mesh;

use Ektype\Core\Mesh\DotSpectrum;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Raster\SideBySide;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class MoireTest extends TestCase
{
    private const WINDOW_MM = 10.0;
    private const ROW_MM = 0.005;
    private const BLOCK_MM = 0.05;

    /** Scores against ink that is simulated through the mesh: dots cut by threads, windowed, its slow power counted. */
    #[Group('long')]
    public function testTheScoreRanksSettingsAsTheSimulationDoes(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $meshes = array_values(
            array_filter(MeshCatalogue::typical(), static fn (Mesh $m): bool => $m->threadsPerCm >= 64 && $m->threadsPerCm <= 140),
        );
        $scores = $pieces = [];
        for ($i = 0; $i < 100; ++$i) {
            $mesh = $meshes[$random->getInt(0, \count($meshes) - 1)];
            $lpi = $mesh->threadsPerInch() / (3.6 + 2.4 * $random->getInt(0, 1_000_000) / 1_000_000);
            $angle = 90 * $random->getInt(0, 1_000_000) / 1_000_000;
            $scores[] = (new Moire($mesh))->score($lpi, $angle);
            $pieces[] = static fn (): float => self::simulated($mesh, $lpi, $angle);
        }
        $truth = SideBySide::all($pieces);
        self::assertGreaterThan(0.93, self::rankCorrelation($scores, $truth));
    }

    #[Group('long')]
    public function testTheRecommendedAngleIsAmongTheCalmest(): void
    {
        foreach ([[90, 48, 45.0], [120, 34, 55.0], [77, 55, 38.0]] as [$perCm, $thread, $lpi]) {
            $mesh = new Mesh($perCm, $thread);
            $moire = new Moire($mesh);
            $best = $moire->calmest($lpi, 45.0, 1, 45.0, 0.0)[0];
            $pieces = array_map(
                static fn (int $angle): \Closure => static fn (): float => self::simulated($mesh, $lpi, $angle),
                range(0, 87, 3),
            );
            $true = SideBySide::all($pieces);
            sort($true);
            self::assertLessThanOrEqual(
                $true[(int) (0.1 * \count($true))],
                self::simulated($mesh, $best->lpi, $best->angle),
                "$perCm/cm at $lpi lpi: {$best->angle}°",
            );
        }
    }

    /** At 0° the fifth order of the halftone beats with the mesh: 90/cm with 45 lpi has a 7 mm beat. */
    public function testTheBeatHasThePeriodOfTheDifference(): void
    {
        $beats = (new Moire(new Mesh(90, 48)))->beats(45, 0);
        $long = array_values(array_filter($beats, static fn ($b): bool => abs($b->periodMm - 1 / abs(9 - 5 * 45 / 25.4)) < 0.01));
        self::assertNotSame([], $long);
        self::assertEqualsWithDelta(7.06, $long[0]->periodMm, 0.05);
        // The mesh turned with the halftone changes nothing; turned alone it does.
        self::assertEqualsWithDelta(
            (new Moire(new Mesh(90, 48)))->score(45, 10),
            (new Moire(new Mesh(90, 48), 7.5))->score(45, 17.5),
            1e-9,
        );
        self::assertEqualsWithDelta(
            (new Moire(new Mesh(90, 48)))->score(45, 20),
            (new Moire(new Mesh(90, 48)))->score(45, 70),
            1e-6,
            'the same mirrored',
        );
    }

    public function testTheBesselFunctionHasItsPublishedValues(): void
    {
        foreach ([
            [0.5, 0.2422685],
            [1.0, 0.4400506],
            [2.0, 0.5767248],
            [3.8317060, 0.0],
            [5.0, -0.3275791],
            [10.0, 0.0434727],
        ] as [$x, $value]) {
            self::assertEqualsWithDelta($value, DotSpectrum::besselJ1($x), 2e-7);
        }
    }

    /** Contrast of the slow power of round dots seen through square openings, worked out row by row. */
    private static function simulated(Mesh $mesh, float $lpi, float $angle): float
    {
        $cell = 25.4 / $lpi;
        $radius = $cell * sqrt(Moire::TONE / \M_PI);
        [$cos, $sin] = [cos(deg2rad($angle)), sin(deg2rad($angle))];
        [$pitch, $open] = [$mesh->pitchUm / 1000, $mesh->openingUm / 1000];
        $blocks = (int) round(self::WINDOW_MM / self::BLOCK_MM);
        $sums = array_fill(0, $blocks * $blocks, 0.0);
        // Dot centres over the window and a little beyond.
        $reach = (int) ceil(self::WINDOW_MM * 1.5 / $cell) + 2;
        $byRow = [];
        for ($k = -$reach; $k <= $reach; ++$k) {
            for ($l = -$reach; $l <= $reach; ++$l) {
                $x = self::WINDOW_MM / 2 + $cell * ($k * $cos - $l * $sin) + 0.013;
                $y = self::WINDOW_MM / 2 + $cell * ($k * $sin + $l * $cos) + 0.027;
                if ($x < -$radius || $y < -$radius || $x > self::WINDOW_MM + $radius || $y > self::WINDOW_MM + $radius) {
                    continue;
                }
                for ($row = max(0, (int) (($y - $radius) / self::ROW_MM)), $last = min(
                    (int) (self::WINDOW_MM / self::ROW_MM) - 1,
                    (int) (($y + $radius) / self::ROW_MM),
                ); $row <= $last; ++$row) {
                    $dy = ($row + 0.5) * self::ROW_MM - $y;
                    $half = $radius * $radius - $dy * $dy;
                    if ($half > 0 && fmod(($row + 0.5) * self::ROW_MM, $pitch) < $open) {
                        $byRow[$row][] = [max(0.0, $x - sqrt($half)), min(self::WINDOW_MM, $x + sqrt($half))];
                    }
                }
            }
        }
        foreach ($byRow as $row => $runs) {
            $start = (int) (($row + 0.5) * self::ROW_MM / self::BLOCK_MM) * $blocks;
            foreach ($runs as [$from, $to]) {
                for ($thread = floor($from / $pitch); $thread * $pitch < $to; ++$thread) {
                    $a = max($from, $thread * $pitch);
                    $b = min($to, $thread * $pitch + $open);
                    while ($b > $a) {
                        $block = min($blocks - 1, (int) ($a / self::BLOCK_MM + 1e-12));
                        $end = min($b, ($block + 1) * self::BLOCK_MM);
                        $sums[$start + $block] += max(0.0, $end - $a);
                        if ($end <= $a) {
                            break;
                        }
                        $a = $end;
                    }
                }
            }
        }
        $mean = array_sum($sums) / \count($sums);
        $hann = array_map(static fn (int $i): float => 0.5 - 0.5 * cos(2 * \M_PI * ($i + 0.5) / $blocks), range(0, $blocks - 1));
        $most = min(1.4, 0.6 / $cell);
        $orders = (int) floor($most * self::WINDOW_MM);
        // Separable transform: along x for each row of blocks, then along y.
        $columns = [];
        for ($u = 0; $u <= $orders; ++$u) {
            [$c, $s] = [[], []];
            for ($x = 0; $x < $blocks; ++$x) {
                $c[] = $hann[$x] * cos(2 * \M_PI * $u * $x / $blocks);
                $s[] = $hann[$x] * sin(2 * \M_PI * $u * $x / $blocks);
            }
            for ($y = 0; $y < $blocks; ++$y) {
                $re = $im = 0.0;
                for ($x = 0, $at = $y * $blocks; $x < $blocks; ++$x, ++$at) {
                    $value = $sums[$at] / $mean - 1;
                    $re += $value * $c[$x];
                    $im -= $value * $s[$x];
                }
                $columns[$u][$y] = [$re * $hann[$y], $im * $hann[$y]];
            }
        }
        $power = 0.0;
        for ($v = -$orders; $v <= $orders; ++$v) {
            for ($u = 0; $u <= $orders; ++$u) {
                $frequency = hypot($u, $v) / self::WINDOW_MM;
                if ($frequency < 0.2 || $frequency > $most) {
                    continue;
                }
                $re = $im = 0.0;
                for ($y = 0; $y < $blocks; ++$y) {
                    [$a, $b] = $columns[$u][$y];
                    $c = cos(2 * \M_PI * $v * $y / $blocks);
                    $s = sin(2 * \M_PI * $v * $y / $blocks);
                    $re += $a * $c + $b * $s;
                    $im += $b * $c - $a * $s;
                }
                $power += ($u === 0 ? 1 : 2) * ($re * $re + $im * $im);
            }
        }

        return sqrt($power);
    }

    /**
     * @param list<float> $one
     * @param list<float> $two
     */
    private static function rankCorrelation(array $one, array $two): float
    {
        $ranks = static function (array $values): array {
            asort($values);
            $rank = array_flip(array_keys($values));
            ksort($rank);

            return array_values($rank);
        };
        $n = \count($one);
        $sum = 0;
        [$first, $second] = [$ranks($one), $ranks($two)];
        foreach ($first as $i => $a) {
            $sum += ($a - $second[$i]) ** 2;
        }

        return 1 - 6 * $sum / ($n * ($n * $n - 1));
    }
}
