<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

use Ektype\Core\Learn\LinearBelief;
use Ektype\Core\Learn\NormalCurve;

/**
 * The time of light as a product of causes, learned from step tests:
 * ln T = lamp + emulsion + lamp-by-emulsion + b ln(thickness / 100 µm) + dye + film + ageing × lamp hours / 1000
 * and, for point-like lamps, + 2 ln(distance / the lamp's usual distance). Priors are trade defaults (heuristic).
 */
final class ExposureModel
{
    private const LAMP_SD = 0.9;
    private const EMULSION_SD = 0.5;
    /** Of a factor that the data sheet gives (heuristic): other lamps, other light. */
    private const SHEET_FACTOR_SD = 0.35;
    private const UNKNOWN_LAMP = [60.0, 1.2];
    private const UNKNOWN_EMULSION = [0.5, 0.6];
    private const LAMP_BY_EMULSION = [0.0, 0.2];
    private const THICKNESS = [1.0, 0.3];
    private const DYE_FACTOR = 1.3;
    private const DYE_SD = 0.25;
    private const FILM = [0.0, 0.35];
    private const AGEING = [0.3, 0.2];
    /** Noise of reading a test, ln. */
    public const READING_SD = 0.05;
    /** A best strip without its neighbours: about what strips a fifth apart leave open, ln (heuristic). */
    private const BEST_ALONE_SD = 0.15;
    /** A test counts as one that a prediction rests on from this share of the strongest test's pull. */
    private const COUNTS_FROM = 0.05;

    private LinearBelief $belief;
    /** @var array<string, float> */
    private array $usualDistance = [];
    /** @var array<string, LampKind> */
    private array $lampKinds = [];
    /** @var array<string, EmulsionKind> */
    private array $emulsionKinds = [];
    /** @var array<string, float> */
    private array $emulsionFactors = [];
    /** @var array<string, string> names of lamps, emulsions and films as they were spelled first */
    private array $names = [];
    /** @var list<int> which test each observation came from */
    private array $testOf = [];

    /**
     * @param list<TestReading> $tests
     * @param list<Setting>     $asked all settings that will be asked about
     */
    public function __construct(array $tests, array $asked)
    {
        $settings = array_map($this->spelled(...), [...array_map(static fn (TestReading $t): Setting => $t->setting, $tests), ...$asked]);
        foreach ($settings as $setting) {
            if ($setting->lampKind !== null) {
                $this->lampKinds[$setting->lamp] ??= $setting->lampKind;
            }
            if ($setting->emulsionKind !== null) {
                $this->emulsionKinds[$setting->emulsion] ??= $setting->emulsionKind;
            }
            if ($setting->emulsionFactor !== null && $setting->emulsionFactor > 0) {
                $this->emulsionFactors[$setting->emulsion] ??= $setting->emulsionFactor;
            }
            if ($setting->distanceMm !== null) {
                $this->usualDistance[$setting->lamp] ??= $setting->distanceMm;
            }
        }
        $priors = [];
        foreach ($settings as $setting) {
            foreach (array_keys($this->terms($setting)) as $name) {
                $priors[$name] ??= $this->prior($name);
            }
        }
        $this->belief = new LinearBelief($priors);
        // What was read on both sides first: a bound then truncates what is already known.
        foreach ([false, true] as $oneSided) {
            foreach ($tests as $i => $test) {
                if ($oneSided === self::isOneSided($test)) {
                    $this->learn($test);
                    $this->testOf[] = $i;
                }
            }
        }
    }

    public function predict(Setting $setting): PredictedTime
    {
        $terms = $this->terms($setting);
        $known = $this->belief->predict($terms);
        $ln = $known['mean'] + $this->distanceTerm($setting);
        $strongest = $known['weights'] === [] ? 0.0 : max(array_map(abs(...), $known['weights']));
        $restsOn = [];
        foreach ($known['weights'] as $k => $weight) {
            if ($strongest > 1e-3 && abs($weight) >= self::COUNTS_FROM * $strongest) {
                $restsOn[] = $this->testOf[$k];
            }
        }
        sort($restsOn);
        $parts = [];
        foreach ($terms as $name => $factor) {
            [$mean, $sd] = $this->belief->of($name);
            $parts[] = new TimePart(
                $name,
                exp($factor * $mean),
                100 * (exp(abs($factor) * $sd) - 1),
                str_starts_with($name, 'lamp ') && !str_contains($name, ' with '),
            );
        }
        if (abs($this->distanceTerm($setting)) > 1e-9) {
            $parts[] = new TimePart('distance', exp($this->distanceTerm($setting)), 0.0, false);
        }

        return new PredictedTime(
            exp($ln),
            exp($ln - NormalCurve::NINETY * $known['sd']),
            exp($ln + NormalCurve::NINETY * $known['sd']),
            $restsOn,
            $parts,
        );
    }

    /** A name is one whatever its case and the spaces round it: it is called as it was spelled first. */
    private function spelled(Setting $s): Setting
    {
        $name = fn (string $kind, string $name): string => $this->names[$kind.mb_strtolower(trim($name))] ??= trim($name);
        [$lamp, $emulsion, $film] = [$name('lamp ', $s->lamp), $name('emulsion ', $s->emulsion), $name('film ', $s->film)];

        return $lamp === $s->lamp && $emulsion === $s->emulsion && $film === $s->film ? $s : new Setting(
            $lamp,
            $s->lampKind,
            $emulsion,
            $s->emulsionKind,
            $s->thicknessUm,
            $s->dyed,
            $film,
            $s->distanceMm,
            $s->lampHours,
            $s->emulsionFactor,
        );
    }

    private static function isOneSided(TestReading $test): bool
    {
        return $test->bestS === null && ($test->lowS === null || $test->highS === null);
    }

    private function learn(TestReading $test): void
    {
        $terms = $this->terms($test->setting);
        $distance = $this->distanceTerm($test->setting);
        if ($test->lowS !== null && $test->highS !== null) {
            $sd = hypot(log($test->highS / $test->lowS) / sqrt(12), self::READING_SD);
            $this->belief->observe($terms, log(sqrt($test->lowS * $test->highS)) - $distance, $sd);
        } elseif ($test->bestS !== null) {
            $this->belief->observe($terms, log($test->bestS) - $distance, self::BEST_ALONE_SD);
        } elseif ($test->lowS !== null) {
            $this->belief->observeBound($terms, log($test->lowS) - $distance, true, self::READING_SD);
        } elseif ($test->highS !== null) {
            $this->belief->observeBound($terms, log($test->highS) - $distance, false, self::READING_SD);
        }
    }

    /** @return array<string, float> coefficient => factor */
    private function terms(Setting $s): array
    {
        $s = $this->spelled($s);
        $terms = [
            'lamp '.$s->lamp => 1.0,
            'emulsion '.$s->emulsion => 1.0,
            'lamp '.$s->lamp.' with emulsion '.$s->emulsion => 1.0,
            'thickness' => log($s->thicknessUm / 100),
        ];
        if ($s->dyed) {
            $terms['yellow mesh'] = 1.0;
        }
        if ($s->film !== '' && $s->film !== 'reference') {
            $terms['film '.$s->film] = 1.0;
        }
        if ($s->lampHours > 0) {
            $terms['ageing '.$s->lamp] = $s->lampHours / 1000;
        }

        return $terms;
    }

    private function distanceTerm(Setting $s): float
    {
        $s = $this->spelled($s);
        $kind = $this->lampKinds[$s->lamp] ?? null;
        if ($s->distanceMm === null || $kind?->isPointLike() === false) {
            return 0.0;
        }

        return 2 * log($s->distanceMm / ($this->usualDistance[$s->lamp] ?? $s->distanceMm));
    }

    /** @return array{float, float} mean and standard deviation of ln */
    private function prior(string $name): array
    {
        if ($name === 'thickness') {
            return self::THICKNESS;
        }
        if ($name === 'yellow mesh') {
            return [log(self::DYE_FACTOR), self::DYE_SD];
        }
        if (str_starts_with($name, 'film ')) {
            return self::FILM;
        }
        if (str_starts_with($name, 'ageing ')) {
            return self::AGEING;
        }
        if (str_starts_with($name, 'emulsion ')) {
            $kind = $this->emulsionKinds[substr($name, 9)] ?? null;
            $factor = $this->emulsionFactors[substr($name, 9)] ?? null;
            if ($factor !== null) {
                return [log($factor), self::SHEET_FACTOR_SD];
            }

            return $kind === null ? self::UNKNOWN_EMULSION : [$kind->usualLn(), self::EMULSION_SD];
        }
        if (str_contains($name, ' with emulsion ')) {
            return self::LAMP_BY_EMULSION;
        }
        $kind = $this->lampKinds[substr($name, 5)] ?? null;

        return $kind === null ? [log(self::UNKNOWN_LAMP[0]), self::UNKNOWN_LAMP[1]] : [log($kind->usualSeconds()), self::LAMP_SD];
    }
}
