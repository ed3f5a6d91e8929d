<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StepTest;

use Ektype\Core\StepTest\StripSeen;
use Ektype\Core\StepTest\TestDetail;
use Ektype\Core\StepTest\TestFilm;

/**
 * A washed screen against the light, drawn from what is known of its stencil: details erode when under and close when over,
 * each with its own luck; behind a soft lens, under uneven light, with grain. Drawn by integrals of discs and bars, not by
 * anything of the core’s.
 */
final class WashedScreen
{
    public const PER_MM = 400 / 25.4;
    private const WIDE_MM = 80.0;

    /** @var list<StripSeen> what is truly there, half of it or more, shortest first */
    public readonly array $seen;
    public readonly string $lights;
    public readonly int $width;
    public readonly int $height;
    /** @var array<int, array<string, array<int, float>>> strip => detail => share of its width that is there */
    private array $shares;

    /**
     * @param list<float> $seconds  of each strip from the top
     * @param float       $right    seconds that would be right
     * @param float       $soft     of the lens, mm
     * @param float       $grain    of 255
     * @param float       $luck     how much details of a size differ, mm
     * @param float       $contrast of open against stencil, of 255
     * @param float       $closes   mm that an opening loses where light is doubled
     * @param float       $erodes   mm that stencil loses where light is halved
     */
    public function __construct(array $seconds, float $right, int $seed, float $soft = 0.06, float $grain = 5.0, float $luck = 0.01, float $contrast = 140.0, float $closes = 0.11, float $erodes = 0.16)
    {
        mt_srand($seed);
        $this->width = (int) ceil(self::WIDE_MM * self::PER_MM);
        $this->height = (int) ceil(\count($seconds) * TestFilm::STRIP_MM * self::PER_MM);
        $seen = [];
        /** @var array<int, array<string, array<int, float>>> $shares */
        $shares = [];
        foreach ($seconds as $i => $s) {
            $doublings = log($s / $right, 2);
            $finest = [];
            foreach (TestDetail::cases() as $detail) {
                $lost = $detail->isStencil() ? 0.015 + $erodes * max(0.0, -$doublings) : 0.02 + $closes * max(0.0, $doublings);
                foreach ($detail->sizes() as $size => $mm) {
                    $shares[$i][$detail->value][$size] = max(0.0, min(1.0, 1 - ($lost + $luck * self::normal()) / $mm));
                }
                $finest[$detail->value] = null;
                foreach (array_reverse($detail->sizes(), true) as $size => $mm) {
                    // Half of a line’s width, half of a dot’s area.
                    if ($shares[$i][$detail->value][$size] < ($detail->isLine() ? 0.5 : \M_SQRT1_2)) {
                        break;
                    }
                    $finest[$detail->value] = $mm;
                }
            }
            $seen[] = new StripSeen($s, $finest['positive line'], $finest['reverse line'], $finest['dot'], $finest['hole']);
        }
        usort($seen, static fn (StripSeen $a, StripSeen $b): int => $a->seconds <=> $b->seconds);
        $this->seen = $seen;
        $this->shares = $shares;
        $this->lights = $this->drawn($soft, $grain, $contrast);
    }

    private function drawn(float $soft, float $grain, float $contrast): string
    {
        $noise = [];
        for ($k = 0; $k < 8191; ++$k) {
            $noise[] = $grain * self::normal();
        }
        $at = 0;
        $bytes = '';
        for ($y = 0; $y < $this->height; ++$y) {
            $mm = ($y + 0.5) / self::PER_MM;
            $strip = min(\count($this->shares) - 1, (int) ($mm / TestFilm::STRIP_MM));
            $open = $this->row($strip, $mm - $strip * TestFilm::STRIP_MM, $soft);
            // The table is brighter at its middle.
            $light = 0.9 + 0.1 * cos(3 * ($mm / TestFilm::STRIP_MM / \count($this->shares) - 0.5));
            if (mt_rand(0, 3) === 0) {
                $at = mt_rand(0, 8190);
            }
            for ($x = 0; $x < $this->width; ++$x) {
                $at = $at === 8190 ? 0 : $at + 1;
                $bytes .= \chr((int) max(0, min(255, 40 + $contrast * $light * ($open[$x] ?? 0.0) + $noise[$at])));
            }
        }

        return $bytes;
    }

    /** @return array<int, float> how open a row is, by column where it is */
    private function row(int $strip, float $y, float $soft): array
    {
        $open = [];
        [$left, $top, $side] = TestFilm::BLOCK_MM;
        $edge = static fn (float $from, float $to, float $x): float => self::below(($x - $from) / $soft) - self::below(($x - $to) / $soft);
        $this->add($open, $left - 0.5, $left + $side + 0.5, static fn (float $x): float => $edge($left, $left + $side, $x) * $edge($top, $top + $side, $y));
        foreach (TestDetail::cases() as $detail) {
            $off = $y - TestFilm::at($detail, 0)->yMm;
            if (abs($off) > TestFilm::ROW_MM / 2 + 0.3) {
                continue;
            }
            $high = $edge(-TestFilm::ROW_MM / 2, TestFilm::ROW_MM / 2, $off);
            if ($detail->isStencil()) {
                $from = TestFilm::STENCIL_FROM_MM;
                $to = $from + \count($detail->sizes()) * TestFilm::PITCH_MM;
                $this->add($open, $from - 0.3, $to + 0.3, static fn (float $x): float => $high * $edge($from, $to, $x));
            }
            foreach ($detail->sizes() as $size => $mm) {
                $half = $mm * $this->shares[$strip][$detail->value][$size] / 2;
                $middle = TestFilm::at($detail, $size)->xMm;
                $sign = $detail->isStencil() ? -1 : 1;
                if ($half > 0 && ($detail->isLine() || abs($off) < $half + 0.4)) {
                    $this->add($open, $middle - $half - 0.4, $middle + $half + 0.4, static fn (float $x): float => $sign * ($detail->isLine() ? $high * $edge($middle - $half, $middle + $half, $x) : self::disc($half, hypot($x - $middle, $off), $soft)));
                }
            }
        }

        return $open;
    }

    /**
     * @param array<int, float>      $open
     * @param callable(float): float $of
     */
    private function add(array &$open, float $from, float $to, callable $of): void
    {
        for ($x = max(0, (int) ($from * self::PER_MM)); $x < min($this->width, $to * self::PER_MM); ++$x) {
            $open[$x] = ($open[$x] ?? 0.0) + $of(($x + 0.5) / self::PER_MM);
        }
    }

    /** A disc behind a soft lens, so far from its middle: chord by chord. */
    private static function disc(float $radius, float $away, float $soft): float
    {
        $sum = 0.0;
        $step = $radius / 8;
        for ($u = -$radius + $step / 2; $u < $radius; $u += $step) {
            $chord = sqrt($radius ** 2 - $u ** 2);
            $sum += exp(-(($away - $u) ** 2) / 2 / $soft ** 2) / $soft / sqrt(2 * \M_PI) * $step * (2 * self::below($chord / $soft) - 1);
        }

        return min(1.0, $sum);
    }

    /** Of a normal spread, what lies below (Abramowitz and Stegun 7.1.26). */
    private static function below(float $z): float
    {
        if (abs($z) > 5) {
            return $z > 0 ? 1.0 : 0.0;
        }
        $x = abs($z) / \M_SQRT2;
        $t = 1 / (1 + 0.3275911 * $x);
        $erf = 1 - $t * (0.254829592 + $t * (-0.284496736 + $t * (1.421413741 + $t * (-1.453152027 + $t * 1.061405429)))) * exp(-$x * $x);

        return 0.5 * (1 + ($z > 0 ? $erf : -$erf));
    }

    private static function normal(): float
    {
        return sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 1))) * cos(2 * \M_PI * mt_rand() / mt_getrandmax());
    }
}
