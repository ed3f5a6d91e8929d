<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\PredictedTime;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\SinkCheck;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** Reckons the seconds of light of each plate from the shop's step tests. */
final readonly class LightReckoner
{
    /**
     * @param list<StepTest> $tests
     * @param list<Stencil>  $seen  stencils that were looked at at the sink
     */
    public function __construct(private Job $job, private array $tests, private array $seen, private StencilReckoner $stencils)
    {
    }

    /**
     * @param list<array{Plate, Mesh}> $plates
     *
     * @return list<Figure> in the same order
     */
    public function figures(array $plates): array
    {
        $times = $this->times($plates);
        if ($times === null) {
            $none = new Figure(null, 's', Sign::Reckoned, 'none yet', 'The shop has no lamp or no emulsion yet: add them to its shelves.');

            return array_map(static fn (array $_): Figure => $none, $plates);
        }

        return array_map(fn (array $of, array $told): Figure => $this->figure($of[0], $told[0], $told[1]), $plates, $times);
    }

    /**
     * @param list<array{Plate, Mesh}> $plates
     *
     * @return list<array{Setting, PredictedTime}>|null in the same order; null where lamp or emulsion are missing
     */
    public function times(array $plates): ?array
    {
        $lamp = $this->job->lamp;
        $emulsion = $this->job->emulsion;
        if ($lamp === null || $emulsion === null) {
            return null;
        }
        $settings = array_map(fn (array $of): Setting => self::setting($lamp, $this->stencils->emulsionOn(...$of) ?? $emulsion, $of[1]->thicknessUm + $this->stencils->eomUm(...$of), $of[1]->dyed, $lamp->hours), $plates);
        $readings = array_map(static fn (StepTest $t): TestReading => new TestReading(self::setting($t->lamp, $t->emulsion, $t->thicknessUm, $t->dyed, $t->lampHours, $t->film), $t->lowS, $t->bestS, $t->highS), $this->tests);
        foreach ($this->seen as $stencil) {
            $readings[] = self::seenAtTheSink($stencil);
        }
        $model = new ExposureModel(array_values(array_filter($readings)), $settings);

        return array_map(static fn (Setting $setting): array => [$setting, $model->predict($setting)], $settings);
    }

    /** What a time rests on, in words: step tests come first in the order in which they were learned, looks after them. */
    public function source(PredictedTime $time): string
    {
        $tests = \count(array_filter($time->restsOn, fn (int $i): bool => $i < \count($this->tests)));
        $looks = \count($time->restsOn) - $tests;
        $words = implode(' and ', array_filter([
            $tests === 0 ? '' : \sprintf('%d step test%s', $tests, $tests === 1 ? '' : 's'),
            $looks === 0 ? '' : \sprintf('%d look%s at the sink', $looks, $looks === 1 ? '' : 's'),
        ], static fn (string $s): bool => $s !== ''));

        return $words === '' ? 'trade default' : $words.' of this shop';
    }

    private static function seenAtTheSink(Stencil $s): ?TestReading
    {
        if ($s->sinkCheck === null || $s->burnedSeconds === null || $s->lamp === null || $s->emulsion === null || $s->thicknessUm === null) {
            return null;
        }

        return (new SinkCheck(...$s->sinkCheck))->reading(self::setting($s->lamp, $s->emulsion, $s->thicknessUm, $s->dyed, $s->lampHours ?? $s->lamp->hours), $s->burnedSeconds);
    }

    private static function setting(Lamp $lamp, Emulsion $emulsion, float $thicknessUm, bool $dyed, float $lampHours, string $film = ''): Setting
    {
        return new Setting($lamp->name, $lamp->kind, $emulsion->name, $emulsion->kind, $thicknessUm, $dyed, $film, $lamp->distanceMm, $lampHours, $emulsion->factor);
    }

    private function figure(Plate $plate, Setting $setting, PredictedTime $time): Figure
    {
        $inputs = [\sprintf('light must reach through %.0f µm of fabric and stencil', $setting->thicknessUm)];
        foreach ($time->parts as $part) {
            $inputs[] = str_starts_with($part['name'], 'lamp ') && !str_contains($part['name'], ' with ')
                ? \sprintf('%s: %.1f s, known to %.0f %%', $part['name'], $part['factor'], $part['sd_pct'])
                : \sprintf('%s: × %.2f, known to %.0f %%', $part['name'], $part['factor'], $part['sd_pct']);
        }
        $burned = $plate->burnedSeconds;
        $outside = $burned !== null && ($burned < $time->lowS || $burned > $time->highS);

        return new Figure(
            $burned ?? $time->seconds,
            's',
            $burned === null ? Sign::Reckoned : ($outside ? Sign::OutOfBounds : Sign::Measured),
            $this->source($time),
            ($burned === null ? '' : \sprintf('Burned for %.1f s; reckoned %.1f s. ', $burned, $time->seconds)).'Lamp × emulsion × thickness × yellow mesh × film × age of the lamp, each as the step tests have taught it',
            $inputs,
            'More light on yellow mesh, until tests say otherwise',
            $outside ? 'The screen was burned outside the interval: look at its finest lines and for slime before it goes to the press.' : \sprintf('A step test on this lamp and emulsion near %.0f s narrows it.', $time->seconds),
            $time->lowS,
            $time->highS,
        );
    }
}
