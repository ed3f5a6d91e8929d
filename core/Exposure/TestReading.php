<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/**
 * What a step test told: the right time lies between two strips, or only beyond one of them.
 * A low limit alone comes from slime at that time, a high limit alone from lines closed at that time.
 */
final readonly class TestReading
{
    /**
     * @throws UnusableTest where it tells nothing or contradicts itself
     */
    public function __construct(
        public Setting $setting,
        public ?float $lowS,
        public ?float $bestS,
        public ?float $highS,
    ) {
        if ($lowS === null && $bestS === null && $highS === null) {
            throw UnusableTest::because('The test has no time that was read from it, so nothing can be learned. Read its strips and give at least one.');
        }
        if ($lowS !== null && $highS !== null && $lowS > $highS) {
            throw UnusableTest::at(
                'low',
                \sprintf('The low limit of %g s lies above the high limit of %g s. Swap them, or read the strips again.', $lowS, $highS),
            );
        }
        if ($bestS !== null && ($bestS < ($lowS ?? $bestS) || $bestS > ($highS ?? $bestS))) {
            throw UnusableTest::at(
                'best',
                \sprintf('The best strip of %g s does not lie between the limits. Read the strips again.', $bestS),
            );
        }
    }
}
