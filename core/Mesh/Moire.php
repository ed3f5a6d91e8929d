<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

use Ektype\Core\Plate\Halftone;
use Ektype\Core\Unit\Span;

/**
 * The pattern that a halftone makes with the mesh it prints through.
 *
 * Mesh frequencies f = (i n, j n), turned by the mesh's angle in the frame; halftone frequencies g = L (k, l), turned by
 * the screen angle; both per mm. Every small f + g is a beat of period 1 / |f + g|, as strong as the product of the
 * Fourier coefficients of the square openings and of the round dots. Beats are seen from 0.7 mm on and fade to nothing
 * at 0.4 mm; finer than the halftone's own ruling they are hidden in it. The score is the root of the sum of their
 * squares, % of the mean ink.
 */
final readonly class Moire
{
    /** Under this nobody sees a pattern, and from this on it shows in every tone, % of the mean (heuristic). */
    public const SEEN = 1.0;
    public const STRONG = 4.0;
    private const ORDERS_OF_MESH = 3;
    /** Beats of longer periods are a slow drift of tone, mm. */
    private const LONGEST_MM = 40.0;
    private const SEEN_FROM_MM = 0.7;
    private const GONE_AT_MM = 0.4;
    /** Beats up to this share of the ruling stand out from the halftone itself (heuristic). */
    private const BELOW_RULING = 0.6;
    /** From this share on they are lost in it (heuristic). */
    private const LOST_IN_RULING = 0.65;
    /** How steeply the eye loses them in between (heuristic, fitted to a simulation of 100 settings). */
    private const FADING = 3;
    /** Half tone beats strongest with the mesh on either side of it. */
    public const TONE = 0.4;
    private const ANGLE_STEP = 0.5;
    /** Rosettes of two plates up to this are texture, from there to the next they become a fault, beyond the last slow again, mm. */
    private const TEXTURE_MM = 2.0;
    private const FAULT_FROM_MM = 3.0;
    private const FAULT_TO_MM = 20.0;
    /** A texture disturbs so much of a fault of the same contrast (heuristic). */
    private const TEXTURE = 0.1;

    /** The smaller part of a cell: above half tone the holes are round, not the dots. */
    private float $round;
    private DotTable $dots;
    /** @var list<float> by order */
    private array $openings;

    public function __construct(private Mesh $mesh, private float $meshAngleDeg = 0.0, private float $tone = self::TONE)
    {
        $this->round = min($tone, 1 - $tone);
        $this->dots = new DotTable(sqrt($this->round / \M_PI));
        $open = $mesh->openingUm / $mesh->pitchUm;
        $this->openings = array_map(static fn (int $order): float => DotSpectrum::openings($order * $open), range(0, self::ORDERS_OF_MESH));
    }

    /**
     * @param float $lpi   lines per inch
     * @param float $angle degrees
     *
     * @return float % of the mean; under 1 nobody sees it (heuristic)
     */
    public function score(float $lpi, float $angle): float
    {
        return 100 * sqrt(array_sum(array_map(static fn (array $s): float => $s[2] * $s[2] / 2, $this->swings($lpi, $angle))));
    }

    /** @return list<MoireBeat> the visible ones, strongest first, their vectors in the print's axes */
    public function beats(float $lpi, float $angle): array
    {
        [$cos, $sin] = [cos(deg2rad($angle)), sin(deg2rad($angle))];
        $beats = array_map(
            static fn (array $s): MoireBeat => new MoireBeat(
                1 / hypot($s[0], $s[1]),
                abs($s[2]) / \M_SQRT2,
                [$s[0] * $cos - $s[1] * $sin, $s[0] * $sin + $s[1] * $cos],
                $s[2],
            ),
            $this->swings($lpi, $angle),
        );
        usort($beats, static fn (MoireBeat $a, MoireBeat $b): int => $b->contrast <=> $a->contrast);

        return $beats;
    }

    /** @return list<array{float, float, float}> each visible beat: per mm along the halftone's own axes, and its swing of the mean */
    private function swings(float $lpi, float $angle): array
    {
        $n = $this->mesh->threadsPerCm / 10;
        $ruling = $lpi / 25.4;
        $turn = deg2rad($angle - $this->meshAngleDeg);
        [$cos, $sin] = [$n * cos($turn) / $ruling, $n * sin($turn) / $ruling];
        $fades = self::seen($ruling);
        $near = $fades->to / $ruling;
        $slow = 1 / self::LONGEST_MM / $ruling;
        // Above half tone the holes beat, and they take ink away.
        $part = 2 * $this->round / $this->tone * ($this->tone <= 0.5 ? 1 : -1);
        $swings = [];
        // Each beat comes twice, with its mirror: half of the plane is enough.
        for ($i = 0; $i <= self::ORDERS_OF_MESH; ++$i) {
            for ($j = $i === 0 ? 1 : -self::ORDERS_OF_MESH; $j <= self::ORDERS_OF_MESH; ++$j) {
                // The mesh frequency in the halftone's own axes: only the orders next to it make slow beats.
                $u = $i * $cos + $j * $sin;
                $v = $j * $cos - $i * $sin;
                for ($k = (int) ceil(-$u - $near), $lastK = (int) floor($near - $u); $k <= $lastK; ++$k) {
                    for ($l = (int) ceil(-$v - $near), $lastL = (int) floor($near - $v); $l <= $lastL; ++$l) {
                        $square = ($u + $k) * ($u + $k) + ($v + $l) * ($v + $l);
                        if ($square >= $near * $near || $square < $slow * $slow || ($k === 0 && $l === 0)) {
                            continue;
                        }
                        $swing = $part * $this->openings[$i] * $this->openings[abs($j)] * $this->dots->of($k, $l)
                            * self::weight($ruling * sqrt($square), $fades);
                        if (abs($swing) > 1e-6) {
                            $swings[] = [$ruling * ($u + $k), $ruling * ($v + $l), $swing];
                        }
                    }
                }
            }
        }

        return $swings;
    }

    /**
     * The pattern of two halftones that overlap, each at its own ruling and angle: the same arithmetic without a mesh.
     *
     * @return list<MoireBeat> the visible ones, strongest first
     */
    public static function betweenPlates(Halftone $one, Halftone $two, float $tone = self::TONE): array
    {
        $radius = sqrt(min($tone, 1 - $tone) / \M_PI);
        $share = min($tone, 1 - $tone) / $tone;
        $fades = self::seen(min($one->lpi, $two->lpi) / 25.4);
        $orders = [];
        foreach ([$one, $two] as $dots) {
            [$cos, $sin] = [$dots->lpi / 25.4 * cos(deg2rad($dots->angleDeg)), $dots->lpi / 25.4 * sin(deg2rad($dots->angleDeg))];
            $of = [];
            for ($k = -self::ORDERS_OF_MESH; $k <= self::ORDERS_OF_MESH; ++$k) {
                for ($l = -self::ORDERS_OF_MESH; $l <= self::ORDERS_OF_MESH; ++$l) {
                    if ($k !== 0 || $l !== 0) {
                        $of[] = [
                            $k * $cos - $l * $sin,
                            $k * $sin + $l * $cos,
                            $share * DotSpectrum::dots($radius, hypot($k, $l)),
                            $k > 0 || ($k === 0 && $l > 0),
                        ];
                    }
                }
            }
            $orders[] = $of;
        }
        $beats = [];
        foreach ($orders[0] as [$fx, $fy, $a, $half]) {
            foreach ($half ? $orders[1] : [] as [$gx, $gy, $b]) {
                $frequency = hypot($fx + $gx, $fy + $gy);
                if ($frequency < 1 / self::LONGEST_MM || $frequency >= $fades->to) {
                    continue;
                }
                $swing = 2 * $a * $b * self::weight($frequency, $fades);
                if (abs($swing) > 1e-6) {
                    $contrast = abs($swing) / \M_SQRT2 * self::disturbs(1 / $frequency);
                    $beats[] = new MoireBeat(1 / $frequency, $contrast, [$fx + $gx, $fy + $gy], $swing);
                }
            }
        }
        usort($beats, static fn (MoireBeat $x, MoireBeat $y): int => $y->contrast <=> $x->contrast);

        return $beats;
    }

    /**
     * @param list<MoireBeat> $beats
     *
     * @return float % of the mean
     */
    public static function scoreOf(array $beats): float
    {
        return 100 * sqrt(array_sum(array_map(static fn (MoireBeat $b): float => $b->contrast ** 2, $beats)));
    }

    /**
     * @param list<float> $rulings lines per inch
     * @param list<float> $angles  degrees
     *
     * @return list<list<float>> scores by ruling, then by angle
     */
    public function map(array $rulings, array $angles): array
    {
        return array_map(fn (float $lpi): array => array_map(fn (float $angle): float => $this->score($lpi, $angle), $angles), $rulings);
    }

    /**
     * The calmest settings near a wish: angles and rulings around it, calmest first, the nearer one where two are alike.
     *
     * @param float $lpi     wished
     * @param float $angle   wished, degrees
     * @param float $degrees how far from the wish
     * @param float $share   how far from the ruling wished, 0–1
     * @param float $apart   settings of one ruling that are offered lie so many degrees from each other
     *
     * @return list<MoireSetting>
     */
    public function calmest(
        float $lpi,
        float $angle,
        int $count = 10,
        float $degrees = 15.0,
        float $share = 0.08,
        float $apart = 0.0,
    ): array {
        $settings = [];
        for ($r = -4; $r <= 4; ++$r) {
            $ruling = round($lpi * (1 + $share * $r / 4), 1);
            for ($a = $angle - $degrees; $a <= $angle + $degrees + 1e-9; $a += self::ANGLE_STEP) {
                $score = $this->score($ruling, $a);
                $settings[] = [round($score, 1), abs($a - $angle) / $degrees + abs($ruling - $lpi) / max(0.01, $share * $lpi), $ruling, $a, $score];
            }
        }
        usort($settings, static fn (array $x, array $y): int => [$x[0], $x[1]] <=> [$y[0], $y[1]]);

        $offered = [];
        foreach ($settings as [, , $ruling, $a, $score]) {
            if (\count($offered) >= $count) {
                break;
            }
            foreach ($apart > 0 ? $offered : [] as $o) {
                // A quarter turn brings mesh and halftone back to themselves.
                $between = fmod(abs($o->angle - $a), 90.0);
                if ($o->lpi === $ruling && min($between, 90 - $between) < $apart - 1e-9) {
                    continue 2;
                }
            }
            $strongest = $this->beats($ruling, $a)[0] ?? null;
            $offered[] = new MoireSetting($ruling, round($a, 2), round($score, 3), $strongest === null ? null : round($strongest->periodMm, 2));
        }

        return $offered;
    }

    /** Beats up to the first frequency are seen in full, from the second on not at all, per mm. */
    private static function seen(float $ruling): Span
    {
        return new Span(min(1 / self::SEEN_FROM_MM, self::BELOW_RULING * $ruling), min(1 / self::GONE_AT_MM, self::LOST_IN_RULING * $ruling));
    }

    /** How much a pattern of two plates disturbs by its period: a small rosette is texture, some millimetres are a fault, 0–1. */
    private static function disturbs(float $periodMm): float
    {
        return match (true) {
            $periodMm <= self::TEXTURE_MM => self::TEXTURE,
            $periodMm < self::FAULT_FROM_MM => self::TEXTURE + (1 - self::TEXTURE) * ($periodMm - self::TEXTURE_MM) / (self::FAULT_FROM_MM - self::TEXTURE_MM),
            $periodMm <= self::FAULT_TO_MM => 1.0,
            default => max(0.0, 1 - ($periodMm - self::FAULT_TO_MM) / (2 * (self::LONGEST_MM - self::FAULT_TO_MM))),
        };
    }

    private static function weight(float $frequency, Span $fades): float
    {
        return $frequency <= $fades->from ? 1.0 : (($fades->to - $frequency) / ($fades->to - $fades->from)) ** self::FADING;
    }
}
