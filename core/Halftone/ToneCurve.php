<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Plate\Tones;
use Ektype\Core\Raster\ToneRaster;

/**
 * What the film must have so that a wished tone is printed: straight between its points.
 *
 * @phpstan-type ToneStep array{float, float}
 */
final readonly class ToneCurve
{
    /** Points nearer than this are one, %. */
    private const LEAST_STEP = 0.01;

    /** @var non-empty-list<ToneStep> wished tone and tone on film, %, from 0 to 100 */
    private array $points;

    /**
     * @param list<ToneStep> $points wished tone and tone on film, %; the ends stand at 0 and 100 where none are given
     *
     * @throws ImpossibleDots where it is no curve of tones, or falls
     */
    public function __construct(array $points)
    {
        usort($points, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($points as [$wished, $film]) {
            if ($wished < 0 || $wished > 100 || $film < 0 || $film > 100) {
                throw ImpossibleDots::at('curve', \sprintf('Tones run from 0 to 100 %%; the curve has %g → %g. Correct that point.', $wished, $film));
            }
        }
        if ($points === [] || $points[0][0] > 0) {
            array_unshift($points, [0.0, 0.0]);
        }
        if ($points[\count($points) - 1][0] < 100) {
            $points[] = [100.0, 100.0];
        }
        foreach (\array_slice($points, 1) as $i => [$wished, $film]) {
            [$before, $filmBefore] = $points[$i];
            if ($wished - $before < self::LEAST_STEP) {
                throw ImpossibleDots::at('curve', \sprintf('The curve has two tones on film for %g %%. Keep one of them.', $wished));
            }
            if ($film < $filmBefore) {
                throw ImpossibleDots::at('curve', \sprintf('The curve falls from %g %% on film at %g %% to %g %% at %g %%: darker art would print lighter. Correct one of the two.', $filmBefore, $before, $film, $wished));
            }
        }
        $this->points = $points;
    }

    /** @param float $wished 0–1 */
    public function film(float $wished): float
    {
        $at = 100 * $wished;
        $film = $this->points[0][1];
        foreach (\array_slice($this->points, 1) as $i => [$to, $filmTo]) {
            [$from, $filmFrom] = $this->points[$i];
            if ($at >= $from) {
                $film = $filmFrom + ($filmTo - $filmFrom) * min(1.0, ($at - $from) / ($to - $from));
            }
        }

        return $film / 100;
    }

    /**
     * The other way round: what is printed by a tone on film; of several, the middle one.
     *
     * @param float $film 0–1
     */
    public function wished(float $film): float
    {
        $ends = [];
        foreach ([1e-9, -1e-9] as $to) {
            [$from, $until] = [0.0, 1.0];
            for ($i = 0; $i < 40; ++$i) {
                $middle = ($from + $until) / 2;
                if ($this->film($middle) < $film + $to) {
                    $from = $middle;
                } else {
                    $until = $middle;
                }
            }
            $ends[] = ($from + $until) / 2;
        }

        return array_sum($ends) / 2;
    }

    /**
     * What the press makes of a film that does not undo its gain.
     *
     * @param self|null $undone the curve that would; null for a press that prints as the film is
     *
     * @return \Closure(float): float what each tone on film prints as, 0–1
     */
    public static function press(?self $undone): \Closure
    {
        $known = [];

        return static function (float $film) use ($undone, &$known): float {
            $film = round($film, 4);

            return $undone === null ? $film : $known[(string) $film] ??= $undone->wished($film);
        };
    }

    /** Tones on film, as they are printed. */
    public function printed(Tones $film): Tones
    {
        return new Tones($film->lightest <= 0 ? 0.0 : $this->wished($film->lightest), $film->darkest >= 1 ? 1.0 : $this->wished($film->darkest));
    }

    public function on(ToneRaster $tones): ToneRaster
    {
        $from = $to = '';
        for ($tone = 0; $tone < 256; ++$tone) {
            $from .= \chr($tone);
            $to .= \chr((int) round(255 * $this->film($tone / 255)));
        }

        return new ToneRaster($tones->width, $tones->height, strtr($tones->tones, $from, $to));
    }
}
