<?php

declare(strict_types=1);

namespace Ektype\Core\Lamp;

use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\TestReading;

/** The tests of one lamp, each against what the lamp would have taken when it was new. */
final readonly class DriftPoints
{
    /** @param list<DriftPoint> $all by hours */
    private function __construct(public array $all)
    {
    }

    /** @param list<TestReading> $tests as the model learned them */
    public static function of(ExposureModel $model, array $tests, string $lamp): self
    {
        $points = [];
        $surprises = $model->surprises();
        foreach ($tests as $i => $test) {
            if ($test->setting->lamp !== $lamp || $test->isOneSided()) {
                continue;
            }
            $surprise = $surprises[$i];
            $points[] = new DriftPoint($i, $test->setting->lampHours, ($surprise->readS ?? 0.0) / $model->seconds($test->setting->withHours(0.0)), $surprise->disagrees);
        }
        usort($points, static fn (DriftPoint $a, DriftPoint $b): int => $a->hours <=> $b->hours);

        return new self($points);
    }
}
