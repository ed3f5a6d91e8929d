<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\ToneWork;

/** What a simulated process print is asked for: dots of opaque inks over each other. */
final readonly class SimulatedRequest
{
    private const MOST = 12;

    /**
     * @param float          $widthMm   printed width of the whole picture
     * @param list<GivenInk> $inks      colours, in any order
     * @param GivenInk|null  $base      prints first; null for none
     * @param GivenInk|null  $highlight prints last, over what was flashed; null for none
     * @param float          $dpi       of the film
     * @param Tones          $range     tones that the mesh holds, of the film
     * @param ToneCurve|null $curve     of the film, against the gain of the press
     *
     * @throws ImpossibleMix where there are no inks
     */
    public function __construct(
        public float $widthMm,
        public Srgb $garment,
        public array $inks,
        public ?GivenInk $base,
        public ?GivenInk $highlight,
        public float $dpi,
        public Halftone $dots,
        public Dot $dot = Dot::Round,
        public Tones $range = new Tones(0.0, 1.0),
        public ?ToneCurve $curve = null,
        public ToneWork $work = new ToneWork(),
    ) {
        if ($inks === [] || \count($inks) > self::MOST) {
            throw ImpossibleMix::at('palette', \sprintf('%d inks were named; a picture is printed in 1 to %d over its base. Name those that the press has heads for.', \count($inks), self::MOST));
        }
    }

    /** @return list<GivenInk> in print order: the base, the colours from light to dark, the highlight */
    public function inOrder(): array
    {
        $inks = $this->inks;
        usort($inks, static fn (GivenInk $a, GivenInk $b): int => Lab::of($b->colour)->l <=> Lab::of($a->colour)->l);

        return [...$this->base === null ? [] : [$this->base], ...$inks, ...$this->highlight === null ? [] : [$this->highlight]];
    }
}
