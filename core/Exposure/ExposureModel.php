<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

use Ektype\Core\Learn\LinearBelief;
use Ektype\Core\Learn\Mixture;
use Ektype\Core\Learn\NormalCurve;
use Ektype\Core\Learn\Seen;
use Ektype\Core\Learn\SlipBelief;
use Ektype\Core\Learn\SparseBelief;

/**
 * The time of light as a product of causes ({@see ExposureTerms}), learned from step tests ({@see Evidence}) of which some
 * are slips ({@see SlipBelief}). A test that the others contradict counts little, and widens what it contradicts.
 *
 * @phpstan-import-type MeanSd from LinearBelief
 */
final class ExposureModel
{
    /** Noise of reading a test, ln. */
    public const READING_SD = Evidence::READING_SD;
    /** A test counts as one that a prediction rests on from this share of the strongest test's pull. */
    private const COUNTS_FROM = 0.05;

    private readonly ExposureTerms $made;
    /** @var array<string, int> */
    private readonly array $index;
    /** @var list<Evidence> */
    private readonly array $evidence;
    private readonly SlipBelief $belief;
    private readonly SparseBelief $settled;
    /** @var list<Seen> */
    private readonly array $seen;
    /** @var array<string, PredictedTime> screens that are alike have one time */
    private array $told = [];
    /** @var array<string, Mixture> */
    private array $mixtures = [];
    /** @var list<Surprise>|null by test */
    private ?array $surprises = null;

    /**
     * @param list<TestReading> $tests
     * @param list<Setting>     $asked all settings that will be asked about
     */
    public function __construct(array $tests, array $asked)
    {
        $this->made = new ExposureTerms([...array_map(static fn (TestReading $t): Setting => $t->setting, $tests), ...$asked]);
        $this->evidence = Evidence::of($tests, $this->made);
        $index = $mean = $variance = [];
        $questions = array_map($this->made->of(...), $asked);
        foreach ([...array_map(static fn (Evidence $e): array => $e->terms, $this->evidence), ...$questions] as $terms) {
            foreach (array_keys($terms) as $name) {
                if (!isset($index[$name])) {
                    $index[$name] = \count($index);
                    [$usual, $sd] = $this->made->prior($name);
                    $mean[] = $usual;
                    $variance[] = $sd ** 2;
                }
            }
        }
        $this->index = $index;
        $this->seen = array_map(fn (Evidence $e): Seen => new Seen($this->row($e->terms), $e->value, $e->sd, $e->isAbove), $this->evidence);
        $this->belief = new SlipBelief($mean, $variance, $this->seen, array_values(array_unique(array_map($this->row(...), $questions), \SORT_REGULAR)));
        $this->settled = $this->belief->settled();
    }

    public function predict(Setting $setting): PredictedTime
    {
        return $this->told[serialize($setting)] ??= $this->predicted($setting);
    }

    private function predicted(Setting $setting): PredictedTime
    {
        $terms = $this->made->of($setting);
        $distance = $this->made->distance($setting);
        [$seconds, $low, $high] = $this->interval($setting);
        $spread = $this->settled->spread($this->row($terms));
        $restsOn = $this->restsOn($spread);

        return new PredictedTime(
            $seconds,
            $low,
            $high,
            $restsOn,
            $this->parts($terms, $distance),
            $this->shares($terms, $spread),
            doubts: array_values(array_filter(array_map(fn (int $test): Surprise => $this->surprises()[$test], $restsOn), static fn (Surprise $one): bool => $one->disagrees)),
        );
    }

    /** The likeliest seconds alone. */
    public function seconds(Setting $setting): float
    {
        return exp($this->believed($setting)->typical() + $this->made->distance($setting));
    }

    /** @return array{float, float, float} the likeliest seconds and where they lie nine times in ten, without what they rest on */
    public function interval(Setting $setting): array
    {
        $time = $this->believed($setting);
        $distance = $this->made->distance($setting);

        return [exp($time->typical() + $distance), exp($time->quantile(0.05) + $distance), exp($time->quantile(0.95) + $distance)];
    }

    private function believed(Setting $setting): Mixture
    {
        return $this->mixtures[serialize($setting)] ??= $this->belief->of($this->row($this->made->of($setting)));
    }

    /** @return list<Surprise> of each test, in their order */
    public function surprises(): array
    {
        return $this->surprises ??= $this->judged();
    }

    /** What is left unsure of ln T, as a variance. */
    public function variance(Setting $setting): float
    {
        return $this->believed($setting)->variance();
    }

    /** How what is believed of two settings hangs together, of ln T. */
    public function covariance(Setting $one, Setting $two): float
    {
        $spread = $this->settled->spread($this->row($this->made->of($one)));
        $sum = 0.0;
        foreach ($this->row($this->made->of($two)) as $i => $factor) {
            $sum += $factor * $spread[$i];
        }

        return $sum;
    }

    /** @return MeanSd ln of the time that a thousand hours add to a lamp, and its standard deviation */
    public function ageing(Setting $setting): array
    {
        foreach ($this->made->of($setting->withHours(1000.0)) as $name => $_) {
            if ($this->made->kind($name) === TermKind::Ageing) {
                [$mean, $variance] = isset($this->index[$name]) ? $this->settled->moments([$this->index[$name] => 1.0]) : [$this->made->prior($name)[0], $this->made->prior($name)[1] ** 2];

                return [$mean, sqrt($variance)];
            }
        }

        return [0.0, 0.0];
    }

    /** @return list<Surprise> */
    private function judged(): array
    {
        $surprises = [];
        foreach ($this->evidence as $e => $evidence) {
            $sure = $this->belief->sure($e);
            [$mean, $variance] = $this->settled->moments($this->seen[$e]->row);
            $left = max(1e-9, 1 / $variance - $sure);
            $value = $evidence->isAbove === null ? $evidence->value : $mean;
            // The same without this reading.
            $expected = ($mean / $variance - $sure * $value) / $left;
            $reach = NormalCurve::NINETY * sqrt(1 / $left + $evidence->sd ** 2);
            foreach ($evidence->tests as $test) {
                $surprises[$test] = new Surprise(
                    $test,
                    exp($evidence->value + $evidence->distance),
                    exp($expected + $evidence->distance),
                    exp($expected - $reach + $evidence->distance),
                    exp($expected + $reach + $evidence->distance),
                    $this->belief->slip($e),
                    isAbove: $evidence->isAbove,
                );
            }
        }
        ksort($surprises);

        return array_values($surprises);
    }

    /**
     * @param array<string, float> $terms
     *
     * @return array<int, float>
     */
    private function row(array $terms): array
    {
        $row = [];
        foreach ($terms as $name => $factor) {
            if (isset($this->index[$name])) {
                $row[$this->index[$name]] = $factor;
            } elseif ($this->made->prior($name)[0] !== 0.0) {
                throw new \LogicException(\sprintf('Nobody told the model that “%s” would be asked about.', $name));
            }
        }

        return $row;
    }

    /**
     * @param list<float> $spread covariance of the question with every coefficient
     *
     * @return list<int>
     */
    private function restsOn(array $spread): array
    {
        $reach = $pulls = [];
        foreach ($this->seen as $e => $seen) {
            $sum = 0.0;
            foreach ($seen->row as $i => $factor) {
                $sum += $factor * $spread[$i];
            }
            $reach[$e] = abs($sum);
            $pulls[$e] = $reach[$e] * $this->belief->sure($e);
        }
        $strongest = $pulls === [] ? 0.0 : max($pulls);
        $surprises = $this->surprises();
        $restsOn = [];
        foreach ($this->evidence as $e => $evidence) {
            // A test that the others contradict is told of where it would have counted.
            $pull = $surprises[$evidence->tests[0]]->disagrees ? $reach[$e] / $this->seen[$e]->sd ** 2 : $pulls[$e];
            if ($strongest > 1e-3 && $pull >= self::COUNTS_FROM * $strongest) {
                array_push($restsOn, ...$evidence->tests);
            }
        }
        sort($restsOn);

        return $restsOn;
    }

    /**
     * @param array<string, float> $terms
     *
     * @return list<TimePart>
     */
    private function parts(array $terms, float $distance): array
    {
        $parts = [];
        foreach ($terms as $name => $factor) {
            $kind = $this->made->kind($name);
            // All that thickness does is one part.
            $alike = array_filter($terms, fn (string $other): bool => $kind === TermKind::Thickness && $this->made->kind($other)->share() === $kind->value, \ARRAY_FILTER_USE_KEY);
            if ($kind !== TermKind::Thickness && $kind->share() === TermKind::Thickness->value) {
                continue;
            }
            $row = $this->row($alike === [] ? [$name => $factor] : $alike);
            [$mean, $variance] = $this->settled->moments($row);
            $parts[] = new TimePart($name, exp($mean), 100 * (exp(sqrt($variance)) - 1), $kind === TermKind::Lamp);
        }
        if (abs($distance) > 1e-9) {
            $parts[] = new TimePart('distance', exp($distance), 0.0, false);
        }

        return $parts;
    }

    /**
     * @param array<string, float> $terms
     * @param list<float>          $spread
     *
     * @return array<string, float>
     */
    private function shares(array $terms, array $spread): array
    {
        $shares = [];
        foreach ($terms as $name => $factor) {
            $cause = $this->made->kind($name)->share();
            $shares[$cause] = ($shares[$cause] ?? 0.0) + (isset($this->index[$name]) ? $factor * $spread[$this->index[$name]] : 0.0);
        }
        // Causes that are known only together pull against each other: what one takes off counts as none of it.
        $shares = array_map(static fn (float $share): float => max(0.0, $share), $shares);
        $sum = array_sum($shares);
        arsort($shares);

        return $sum <= 0 ? [] : array_map(static fn (float $share): float => $share / $sum, $shares);
    }
}
