<?php

declare(strict_types=1);

namespace Ektype\Core\Method\OneInk;

use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\PlatesLaid;
use Ektype\Core\Separation\SaysOfItself;
use Ektype\Core\Separation\Separates;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\ToneWork;
use Ektype\Core\Unit\Chosen;

/** The choices made for a picture in one ink. */
#[Separates(name: 'one ink', place: 2, title: 'One ink', laid: PlatesLaid::Beside)]
#[SaysOfItself(
    why: 'One screen. Dots of one ink carry the tones, and the garment is the other end of them.',
    whyNot: 'Flat colours would become shades of one ink: fewer screens, other colours.',
    carries: 'Its dots carry the tones of the picture.',
    beware: 'Colours are gone: only light and dark are left.',
)]
final readonly class OneInkPlan implements TonalPlan
{
    /** @param int|null $ink number of the ink of the shelf; null for the one furthest from the garment */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public PlannedDots $dots = new PlannedDots(),
        #[Chosen('prints in', 'ink', 1, 2_000_000_000, 'furthest from the cloth')]
        public ?int $ink = null,
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
