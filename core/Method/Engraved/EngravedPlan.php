<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Engraved;

use Ektype\Core\Halftone\Dot;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\PlatesLaid;
use Ektype\Core\Separation\SaysOfItself;
use Ektype\Core\Separation\Separates;
use Ektype\Core\Tone\ImpossibleTone;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\ToneWork;
use Ektype\Core\Unit\Chosen;

/** The choices made for a picture in engraved lines of one ink. */
#[Separates(name: 'engraved', place: 8, title: 'Engraved lines', laid: PlatesLaid::Beside)]
#[SaysOfItself(
    why: 'One screen. Unbroken lines of one ink swell where the picture is strong, as in an engraving.',
    whyNot: 'Flat colours would become lines of one ink, wider and narrower.',
    note: 'Coarse lines are seen as lines; they hold on open mesh and want no fine dots. Printed in the ink furthest from the garment.',
    carries: 'Its lines swell with the tones of the picture.',
    beware: 'Colours are gone, and what is finer than the lines goes with them.',
)]
final readonly class EngravedPlan implements TonalPlan
{
    /** Lines that are seen as lines at arm's length and still draw a face (heuristic). */
    public const USUAL_PER_INCH = 26.0;
    public const THINNEST_MM = 0.15;
    /** A quarter of the way between usual lines: thicker ones have no room to swell. */
    public const MOST_THIN_MM = 0.24;

    /**
     * @param float $perInch    lines an inch
     * @param float $angleDeg   of the lines, anticlockwise; 0 lies flat
     * @param float $thinnestMm thinner lines are left out, thinner gaps run shut
     *
     * @throws ImpossibleTone where the lines have no room to swell
     */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        #[Chosen('lines', 'an inch', 8, 60, option: 'lines-per-inch')]
        public float $perInch = self::USUAL_PER_INCH,
        #[Chosen('angle of the lines', '°', -90, 90, option: 'angle')]
        public float $angleDeg = Halftone::SAFE_ANGLE,
        #[Chosen('thinnest line', 'mm', 0.05, 1)]
        public float $thinnestMm = self::THINNEST_MM,
    ) {
        if ($perInch > 0 && 3 * $thinnestMm > 25.4 / $perInch) {
            throw ImpossibleTone::at('thinnestMm', \sprintf('Lines %.2f mm apart that are never thinner than %.2f mm have no room to swell. Draw fewer lines, or let them be thinner.', 25.4 / $perInch, $thinnestMm));
        }
    }

    public function method(): MethodName
    {
        return MethodName::of(self::class);
    }

    public function work(): ToneWork
    {
        return $this->work;
    }

    /** What mesh and press make of such lines, they make of lines of dots. */
    public function dots(): PlannedDots
    {
        $thinnest = $this->thinnestMm * $this->perInch / 25.4;

        return new PlannedDots(new Halftone($this->perInch, $this->angleDeg), Dot::Line, new Tones($thinnest, 1 - $thinnest));
    }
}
