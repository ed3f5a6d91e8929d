<?php

declare(strict_types=1);

namespace Ektype\Core\Method\TwoTone;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\ToneWork;

/** What a picture in a dark and a light ink is asked for. */
final readonly class TwoToneRequest
{
    /**
     * @param float          $widthMm    printed width of the whole picture
     * @param GivenInk       $dark       prints over the other
     * @param float          $dpi        film pixels per inch
     * @param float|null     $holdBackMm how far the light plate keeps from the dark one; null for one film pixel
     * @param Middle|null    $middle     null looks at the picture
     * @param Tones          $range      tones that are held on the mesh
     * @param ToneCurve|null $curve      of both films, against the gain of the press
     */
    public function __construct(
        public float $widthMm,
        public Srgb $garment,
        public GivenInk $dark,
        public GivenInk $light,
        public float $dpi,
        public Halftone $dots,
        public Dot $dot = Dot::Round,
        public ?float $holdBackMm = null,
        public ?Middle $middle = null,
        public Tones $range = new Tones(0.0, 1.0),
        public ?ToneCurve $curve = null,
        public ToneWork $work = new ToneWork(),
    ) {
    }

    /** Film pixels between the dots of the two. */
    public function holdBackPx(): float
    {
        return $this->holdBackMm === null ? 1.0 : $this->holdBackMm / 25.4 * $this->dpi;
    }

    /** What the mesh holds are dots of the film: printed they are larger. */
    public function printedRange(): Tones
    {
        return $this->curve?->printed($this->range) ?? $this->range;
    }
}
