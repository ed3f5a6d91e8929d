<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;

/** What the shop’s step tests and looks at the sink say of its times, as long as none comes. */
final readonly class KnownTimes
{
    /**
     * @param list<TestReading> $readings step tests first, as {@see testIds} has them, then looks at the sink
     * @param list<int>         $testIds
     * @param list<Setting>     $asked    every lamp with every emulsion: the model holds for them at any thickness and hours
     */
    public function __construct(public array $readings, public array $testIds, public array $asked, public ExposureModel $model)
    {
    }
}
