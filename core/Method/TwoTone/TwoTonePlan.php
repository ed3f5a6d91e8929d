<?php

declare(strict_types=1);

namespace Ektype\Core\Method\TwoTone;

use Ektype\Core\Plate\Laying;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\PlatesLaid;
use Ektype\Core\Separation\SaysOfItself;
use Ektype\Core\Separation\Separates;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\ToneWork;
use Ektype\Core\Unit\Chosen;

/** The choices made for a picture in a dark and a light ink. */
#[Separates(name: 'two-tone', place: 3, title: 'Two tones', laid: PlatesLaid::Beside)]
#[SaysOfItself(
    why: 'Two screens of one ruling. A dark and a light ink share the tones, and the garment stands between them.',
    whyNot: 'Flat colours would become mixtures of a dark and a light ink.',
    note: 'Both plates have one ruling and one angle.',
    carries: 'Its dots carry the tones of the picture and lie beside those of the other plate.',
    beware: 'A shift of more than the gap between the dots prints one ink on the other.',
)]
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
        #[Chosen('light dots keep off by', 'mm', 0, 2, 'one film pixel')]
        public ?float $holdBackMm = null,
        #[Chosen('between them stands', automatic: 'what the picture is')]
        public ?Middle $middle = null,
        #[Chosen('light ink is laid down in', automatic: 'by the garment')]
        public ?Laying $laying = null,
    ) {
    }

    public function method(): MethodName
    {
        return MethodName::of(self::class);
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
