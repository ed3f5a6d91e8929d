<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

use Ektype\Core\Ink\CureNeed;

/** What a probe’s run says of the cure. */
final readonly class CureVerdict
{
    /** Water holds a garment at about this heat while it goes, °C, for so long at the least, s. */
    private const WET_C = [55.0, 102.0];
    private const WET_S = 8.0;
    private const FLAT_C_S = 0.35;

    /**
     * @param float      $overS at the least that cures, or more
     * @param float|null $flatS how long water held it back; null where it did not
     */
    private function __construct(public bool $cured, public float $peakC, public float $overS, public ?float $flatS, public string $says)
    {
    }

    public static function of(ProbeLog $log, CureNeed $need): self
    {
        $peak = max($log->celsius);
        $over = $flat = 0.0;
        for ($i = 1, $n = \count($log->seconds); $i < $n; ++$i) {
            $dt = $log->seconds[$i] - $log->seconds[$i - 1];
            [$from, $to] = [$log->celsius[$i - 1], $log->celsius[$i]];
            if ($from >= $need->leastC && $to >= $need->leastC) {
                $over += $dt;
            } elseif (max($from, $to) > $need->leastC) {
                $over += $dt * (max($from, $to) - $need->leastC) / abs($to - $from);
            }
            $middle = ($from + $to) / 2;
            $flat += $dt > 0 && $middle > self::WET_C[0] && $middle < self::WET_C[1] && abs($to - $from) / $dt < self::FLAT_C_S ? $dt : 0.0;
        }
        $short = $need->holdS - $over;

        return new self(
            $over >= $need->holdS && $peak <= $need->mostC,
            $peak,
            $over,
            $flat >= self::WET_S ? $flat : null,
            match (true) {
                $over <= 0 => \sprintf('Under-cured: it came to %.0f °C and needs %.0f °C through the film. Slower belt or hotter air; it will crack and wash off.', $peak, $need->leastC),
                $short > 0.5 => \sprintf('Under-cured: %.0f s above %.0f °C and %.0f s are needed. Slow the belt by about %.0f %%.', $over, $need->leastC, $need->holdS, 100 * min(1.0, $short / max(10.0, $log->seconds[\count($log->seconds) - 1]))),
                $peak > $need->mostC => \sprintf('Too hot: %.0f °C, and above %.0f °C ink goes brittle and cloth scorches. Faster belt or cooler air.', $peak, $need->mostC),
                default => \sprintf('Cured: %.0f s above %.0f °C, %.0f °C at the most. Stretch it and wash one all the same.', $over, $need->leastC, $peak),
            },
        );
    }
}
