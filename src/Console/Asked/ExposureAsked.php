<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Symfony\Component\Validator\Constraints as Assert;

/** Step tests, and settings whose time of light is asked. */
final readonly class ExposureAsked
{
    /**
     * @param list<SettingAsked> $ask
     * @param list<TestAsked>    $tests
     */
    public function __construct(
        #[Assert\Valid, Assert\Count(min: 1, minMessage: 'asks nothing. Put at least one setting into it.')]
        public array $ask,
        #[Assert\Valid]
        public array $tests = [],
    ) {
    }
}
