<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

use Ektype\Core\Unit\Refusal;

/**
 * What a step test told: the right time lies between two strips, or only beyond one of them.
 * A low limit alone comes from slime at that time, a high limit alone from lines closed at that time.
 */
final readonly class TestReading
{
    /**
     * @throws Refusal where it tells nothing or contradicts itself
     */
    public function __construct(
        public Setting $setting,
        public ?float $lowS,
        public ?float $bestS,
        public ?float $highS,
        string $field = 'test',
    ) {
        if ($lowS === null && $bestS === null && $highS === null) {
            throw Refusal::at($field, 'The test has no time that was read from it (low_s, best_s or high_s), so nothing can be learned. Read its strips and give at least one.');
        }
        if ($lowS !== null && $highS !== null && $lowS > $highS) {
            throw Refusal::at($field.'.low_s', \sprintf('The low limit of %g s lies above the high limit of %g s. Swap them, or read the strips again.', $lowS, $highS));
        }
        if ($bestS !== null && ($bestS < ($lowS ?? $bestS) || $bestS > ($highS ?? $bestS))) {
            throw Refusal::at($field.'.best_s', \sprintf('The best strip of %g s does not lie between the limits. Read the strips again.', $bestS));
        }
    }
}
