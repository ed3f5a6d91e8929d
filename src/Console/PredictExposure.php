<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('exposure:predict', 'Seconds of light with a 90 % interval, from step tests (JSON in, JSON out)')]
final class PredictExposure extends JsonCommand
{
    private const LONGEST_S = 86400.0;

    protected function answer(Given $given): array
    {
        $tests = [];
        foreach ($given->objects('tests', true) as $test) {
            $tests[] = new TestReading(
                self::setting($test),
                $test->numberOr('low_s', null, 0.01, self::LONGEST_S, 's'),
                $test->numberOr('best_s', null, 0.01, self::LONGEST_S, 's'),
                $test->numberOr('high_s', null, 0.01, self::LONGEST_S, 's'),
                rtrim($test->pathOf(''), '.'),
            );
        }
        $asked = array_map(self::setting(...), $given->objects('ask'));
        if ($asked === []) {
            throw Refusal::at('ask', 'Nothing is asked. Put at least one setting into “ask”.');
        }
        $model = new ExposureModel($tests, $asked);
        $answers = [];
        foreach ($asked as $setting) {
            $time = $model->predict($setting);
            $answers[] = [
                'seconds' => round($time->seconds, 4),
                'low_s' => round($time->lowS, 4),
                'high_s' => round($time->highS, 4),
                'rests_on' => $time->restsOn,
                'parts' => array_map(static fn (array $part): array => ['name' => $part['name'], 'factor' => round($part['factor'], 4), 'sd_pct' => round($part['sd_pct'], 1)], $time->parts),
            ];
        }

        return ['answers' => $answers];
    }

    private static function setting(Given $given): Setting
    {
        $lampKind = $given->has('lamp_kind') ? strtr(strtolower($given->text('lamp_kind')), '- ', '__') : null;
        $emulsionKind = $given->has('emulsion_kind') ? strtr(strtolower($given->text('emulsion_kind')), '- ', '__') : null;

        return new Setting(
            $given->text('lamp'),
            isset(ExposureModel::LAMPS[$lampKind]) ? $lampKind : null,
            $given->text('emulsion'),
            isset(ExposureModel::EMULSIONS[$emulsionKind]) ? $emulsionKind : null,
            $given->number('thickness_um', 5, 2000, 'µm'),
            $given->flag('dyed'),
            $given->textOr('film', ''),
            $given->numberOr('distance_mm', null, 1, 10000, 'mm'),
            $given->numberOr('lamp_hours', 0.0, 0, 200000, 'h') ?? 0.0,
        );
    }
}
