<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\Core\Exposure\PredictedTime;
use Ektype\Core\Exposure\Setting;

/** The time of light of a screen, and what it rests on in words. */
final readonly class TimeOfScreen
{
    public function __construct(public Setting $setting, public PredictedTime $time, public string $source)
    {
    }
}
