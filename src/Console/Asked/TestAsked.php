<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\TestTimes;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\Unit\Beside;
use Symfony\Component\Validator\Constraints as Assert;

/**
 * A step test with the setting in which it was made and what was read from it: strips of so many seconds, or fields of a filter film by
 * the share of the light that each lets through.
 */
final readonly class TestAsked
{
    public function __construct(
        #[Beside, Assert\Valid]
        public SettingAsked $setting,
        #[Beside, Assert\Valid]
        public TestTimes $times,
    ) {
    }

    /** @throws UnusableTest */
    public function reading(): TestReading
    {
        return $this->times->read()->in($this->setting->setting());
    }
}
