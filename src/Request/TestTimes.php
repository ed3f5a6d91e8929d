<?php

declare(strict_types=1);

namespace Ektype\App\Request;

use Ektype\Core\Exposure\FieldsRead;
use Ektype\Core\Exposure\TimesRead;
use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\Unit\Quantity;

/** What was read of a step test, as pages and files tell it. */
final readonly class TestTimes
{
    /**
     * @param float|null $lowS       longest strip that was still under
     * @param float|null $highS      shortest strip that was already over
     * @param float|null $incrementS length of each step, where strips were burned in several
     * @param float|null $burnedS    of a filter film: its one burn
     * @param float|null $lowFilter  share of the light that the field passes that was still under
     * @param float|null $bestFilter the same of the best field
     * @param float|null $highFilter the same of the field that was already over
     */
    public function __construct(
        #[Bounded(Quantity::StripSeconds)]
        public ?float $lowS = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $bestS = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $highS = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $incrementS = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $burnedS = null,
        #[Within(0.001, 1)]
        public ?float $lowFilter = null,
        #[Within(0.001, 1)]
        public ?float $bestFilter = null,
        #[Within(0.001, 1)]
        public ?float $highFilter = null,
    ) {
    }

    /** @throws UnusableTest where strips and fields are told of one test */
    public function read(): TimesRead
    {
        return new TimesRead(
            $this->lowS,
            $this->bestS,
            $this->highS,
            $this->incrementS,
            $this->burnedS === null ? null : new FieldsRead($this->burnedS, $this->lowFilter, $this->bestFilter, $this->highFilter),
        );
    }
}
