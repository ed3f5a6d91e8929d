<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\ExposureAsked;
use Ektype\App\Console\Asked\SettingsAsked;
use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\PredictedTime;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\Surprise;
use Ektype\Core\Exposure\TimePart;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<ExposureAsked> */
#[AsCommand('exposure:predict', 'Seconds of light with a 90 % interval, from step tests (JSON in, JSON out)')]
final class PredictExposure extends JsonCommand
{
    protected function reads(): string
    {
        return ExposureAsked::class;
    }

    protected function answer(object $asked): array
    {
        $tests = SettingsAsked::readings($asked->tests, 'tests');
        $settings = SettingsAsked::settings($asked->ask, 'ask');
        $model = new ExposureModel($tests, $settings);

        return [
            'answers' => array_map(static fn (Setting $setting): array => self::told($model->predict($setting)), $settings),
            'surprise' => array_map(
                static fn (Surprise $of): array => [
                    'test' => $of->test,
                    'read_s' => $of->readS === null ? null : round($of->readS, 4),
                    'expected_s' => round($of->expectedS, 4),
                    'low_s' => round($of->lowS, 4),
                    'high_s' => round($of->highS, 4),
                    'deviations' => round($of->deviations(), 2),
                    'probability_of_slip' => round($of->slip, 4),
                    'disagrees' => $of->disagrees,
                    'says' => $of->says(),
                ],
                $model->surprises(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function told(PredictedTime $time): array
    {
        return [
            'seconds' => round($time->seconds, 4),
            'low_s' => round($time->lowS, 4),
            'high_s' => round($time->highS, 4),
            'rests_on' => $time->restsOn,
            'says' => $time->says(),
            'shares' => array_map(static fn (float $share): float => round($share, 4), $time->shares),
            'parts' => array_map(
                static fn (TimePart $part): array => [
                    'name' => $part->name,
                    'factor' => round($part->factor, 4),
                    'sd_pct' => round($part->sdPct, 1),
                ],
                $time->parts,
            ),
        ];
    }
}
