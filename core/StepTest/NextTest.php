<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\Setting;

/** The single step test that would most lower what is unsure of the screens that wait. */
final readonly class NextTest
{
    private const NOISE_SD = 0.05;

    /**
     * @param Setting  $setting what to test
     * @param float    $before  mean standard deviation of ln T over what waits, now
     * @param float    $after   the same after the test (rounding of its strips and noise of reading taken in)
     * @param StepPlan $plan    how
     */
    private function __construct(public Setting $setting, public float $before, public float $after, public StepPlan $plan)
    {
    }

    /**
     * @param ExposureModel $model  that was told of all of these settings
     * @param list<Setting> $could  what could be tested
     * @param list<Setting> $wanted what waits, each as often as it does
     *
     * @return list<self> the best first
     */
    public static function ranked(ExposureModel $model, array $could, array $wanted): array
    {
        $ranked = [];
        $seen = [];
        $before = array_map($model->variance(...), $wanted);
        foreach ($could as $setting) {
            $same = serialize($setting);
            if (isset($seen[$same])) {
                continue;
            }
            $seen[$same] = true;
            $plan = StepPlan::around(...$model->interval($setting), startLossS: $setting->startLossS);
            $middle = $plan->strips[intdiv(\count($plan->strips), 2)]->getsS;
            $noise = log(($middle + $plan->incrementS / 2) / ($middle - $plan->incrementS / 2)) ** 2 / 12 + self::NOISE_SD ** 2;
            $own = $model->covariance($setting, $setting) + $noise;
            $left = 0.0;
            foreach ($wanted as $i => $one) {
                $left += sqrt(max(1e-9, $before[$i] - $model->covariance($setting, $one) ** 2 / $own));
            }
            $count = max(1, \count($wanted));
            $ranked[] = new self($setting, array_sum(array_map(sqrt(...), $before)) / $count, $left / $count, $plan);
        }
        usort($ranked, static fn (self $a, self $b): int => $a->after <=> $b->after);

        return $ranked;
    }

    public function says(): string
    {
        return \sprintf(
            'Test %s under %s at %.0f µm%s: what waits is known to about ± %.0f %% now, to ± %.0f %% after it. %s',
            $this->setting->emulsion,
            $this->setting->lamp,
            $this->setting->thicknessUm,
            $this->setting->dyed ? ', yellow mesh' : '',
            100 * (exp(1.645 * $this->before) - 1),
            100 * (exp(1.645 * $this->after) - 1),
            $this->plan->says(),
        );
    }
}
