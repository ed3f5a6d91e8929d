<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\NextTestAsked;
use Ektype\App\Console\Asked\SettingsAsked;
use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\StepTest\NextTest;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<NextTestAsked> */
#[AsCommand('exposure:next-test', 'Which single step test would most lower what is unsure of the screens that wait (JSON in, JSON out)')]
final class NextStepTest extends JsonCommand
{
    private const LISTED = 5;

    protected function reads(): string
    {
        return NextTestAsked::class;
    }

    protected function answer(object $asked): array
    {
        $tests = SettingsAsked::readings($asked->tests, 'tests');
        $wanted = SettingsAsked::settings($asked->wanted, 'wanted');
        $could = $asked->could === [] ? $wanted : SettingsAsked::settings($asked->could, 'could');
        $ranked = NextTest::ranked(new ExposureModel($tests, [...$could, ...$wanted]), $could, $wanted);

        return ['tests' => array_map(static fn (NextTest $next): array => [
            'lamp' => $next->setting->lamp,
            'emulsion' => $next->setting->emulsion,
            'thickness_um' => $next->setting->thicknessUm,
            'dyed' => $next->setting->dyed,
            'film' => $next->setting->film,
            'sd_before_ln' => round($next->before, 4),
            'sd_after_ln' => round($next->after, 4),
            'says' => $next->says(),
            'plan' => PlanTold::of($next->plan),
        ], \array_slice($ranked, 0, self::LISTED))];
    }
}
