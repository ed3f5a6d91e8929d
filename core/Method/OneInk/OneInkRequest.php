<?php

declare(strict_types=1);

namespace Ektype\Core\Method\OneInk;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\ToneWork;

/** What a picture in one ink is asked for. */
final readonly class OneInkRequest
{
    /**
     * @param float          $widthMm printed width of the whole picture
     * @param GivenInk       $ink     that it prints in
     * @param float          $dpi     film pixels per inch
     * @param Tones          $range   tones that are held on the mesh: what lies between bare and solid is brought into them
     * @param ToneCurve|null $curve   of the film, against the gain of the press
     * @param ToneWork       $work    what is done to the picture's tones
     */
    public function __construct(
        public float $widthMm,
        public Srgb $garment,
        public GivenInk $ink,
        public float $dpi,
        public Halftone $dots,
        public Dot $dot = Dot::Round,
        public Tones $range = new Tones(0.0, 1.0),
        public ?ToneCurve $curve = null,
        public ToneWork $work = new ToneWork(),
    ) {
    }

    /** What the mesh holds are dots of the film: printed they are larger. */
    public function printedRange(): Tones
    {
        return $this->curve?->printed($this->range) ?? $this->range;
    }
}
