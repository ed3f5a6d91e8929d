<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Symfony\Component\Validator\Constraints as Assert;

/** Screens that wait, tests that were made, and what could be tested. */
final readonly class NextTestAsked
{
    /**
     * @param list<SettingAsked> $wanted
     * @param list<TestAsked>    $tests
     * @param list<SettingAsked> $could  empty takes what waits
     */
    public function __construct(
        #[Assert\Valid, Assert\Count(min: 1, minMessage: 'names no screen that waits. Put at least one setting into it.')]
        public array $wanted,
        #[Assert\Valid]
        public array $tests = [],
        #[Assert\Valid]
        public array $could = [],
    ) {
    }
}
