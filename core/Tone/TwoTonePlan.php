<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Plate\Laying;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Unit\Chosen;

/** The choices made for a picture in a dark and a light ink. */
final readonly class TwoTonePlan implements TonalPlan
{
    /**
     * @param int|null    $dark       number of the ink of the shelf; null for the darkest
     * @param int|null    $light      null for the lightest
     * @param float|null  $holdBackMm null for one film pixel
     * @param Middle|null $middle     null looks at the picture
     * @param Laying|null $laying     of the light ink; null goes by the garment
     */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public PlannedDots $dots = new PlannedDots(),
        #[Chosen('dark ink', 'ink', 1, 2_000_000_000, 'the darkest')]
        public ?int $dark = null,
        #[Chosen('light ink', 'ink', 1, 2_000_000_000, 'the lightest')]
        public ?int $light = null,
        #[Chosen('hold back', 'mm', 0, 2, 'one film pixel')]
        public ?float $holdBackMm = null,
        #[Chosen('middle', automatic: 'by the picture')]
        public ?Middle $middle = null,
        #[Chosen('strokes of the light ink', automatic: 'by the garment')]
        public ?Laying $laying = null,
    ) {
    }

    public function method(): MethodName
    {
        return MethodName::TwoTone;
    }

    public function work(): ToneWork
    {
        return $this->work;
    }

    public function dots(): PlannedDots
    {
        return $this->dots;
    }
}
