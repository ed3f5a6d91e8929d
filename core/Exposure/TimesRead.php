<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** What was read of a step test: strips of their own times, or fields of one burn. */
final readonly class TimesRead
{
    /**
     * @param float|null $lowS       longest strip that was still under
     * @param float|null $highS      shortest strip that was already over
     * @param float|null $incrementS length of each step, where strips were burned in several
     *
     * @throws UnusableTest where both are told
     */
    public function __construct(
        public ?float $lowS = null,
        public ?float $bestS = null,
        public ?float $highS = null,
        public ?float $incrementS = null,
        public ?FieldsRead $fields = null,
    ) {
        if ($fields !== null && ($lowS ?? $bestS ?? $highS) !== null) {
            throw UnusableTest::at('burned', 'A test is either strips of their own times or one burn through a filter film. Give the times of strips, or the one burn with the share of light of its fields, not both.');
        }
    }

    /** @throws UnusableTest where it tells nothing or contradicts itself */
    public function in(Setting $setting): TestReading
    {
        return $this->fields === null
            ? new TestReading($setting, $this->lowS, $this->bestS, $this->highS, $this->incrementS)
            : TestReading::throughFilters($setting, $this->fields->burnedS, $this->fields->low, $this->fields->best, $this->fields->high);
    }

    /** Seconds that the lamp burned for its longest strip. */
    public function longestS(): float
    {
        return max(0.0, $this->fields->burnedS ?? 0.0, $this->highS ?? 0.0, $this->bestS ?? 0.0, $this->lowS ?? 0.0);
    }
}
