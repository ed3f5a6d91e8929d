<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Simulated;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\PlateBeats;
use Ektype\Core\Mix\AngleSet;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\MixRequest;
use Ektype\Core\Mix\MixTerms;
use Ektype\Core\Mix\OrderSchool;
use Ektype\Core\Mix\PlateAngles;
use Ektype\Core\Mix\PlateCurves;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\HeldFlat;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\ToneWork;

/** What a simulated process print is asked for: dots of opaque inks over each other. */
final readonly class SimulatedRequest
{
    private const MOST = 12;

    /**
     * @param float          $widthMm   printed width of the whole picture
     * @param list<GivenInk> $inks      colours
     * @param GivenInk|null  $base      prints first; null for none
     * @param GivenInk|null  $highlight prints last, over what was flashed; null for none
     * @param float          $dpi       of the film
     * @param Mesh           $mesh      that the dots are calm on
     * @param ToneCurve|null $curve     of the film, against the gain of the press
     * @param float|null     $scatterMm how far prints of the press scatter, sigma; null where nobody measured it
     * @param list<HeldFlat> $flats     colours whose areas print solid
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
        public PlannedDots $dots,
        public ?ToneCurve $curve = null,
        public ToneWork $work = new ToneWork(),
        public OrderSchool $order = OrderSchool::LightToDark,
        public PlateCurves $curves = new PlateCurves(),
        private Mesh $mesh = new Mesh(90.0, 48.0),
        private PlateAngles $angles = PlateAngles::Several,
        private ?float $scatterMm = null,
        private array $flats = [],
    ) {
        if ($inks === [] || \count($inks) > self::MOST) {
            throw ImpossibleMix::at('palette', \sprintf('%d inks were named; a picture is printed in 1 to %d over its base. Name those that the press has heads for.', \count($inks), self::MOST));
        }
    }

    public function mix(): MixRequest
    {
        $plates = array_map(static fn (GivenInk $ink): array => [$ink, PlateRole::Colour], $this->order->of($this->inks));
        if ($this->base !== null) {
            array_unshift($plates, [$this->base, PlateRole::Base]);
        }
        $at = null;
        if ($this->highlight !== null) {
            $at = \count($plates) - ($this->order === OrderSchool::BlackLast && \count($this->inks) > 1 ? 1 : 0);
            array_splice($plates, $at, 0, [[$this->highlight, PlateRole::Highlight]]);
        }

        if ($plates === []) {
            throw new \LogicException('A print has inks.');
        }
        $angles = $this->angles($plates);
        $plates = array_map(static fn (array $plate, Halftone $dots): array => [...$plate, $dots], $plates, $angles);

        return new MixRequest($this->widthMm, $this->garment, $plates, MixTerms::opaque(\count($plates), $at), $this->dpi, $this->dots->dot, range: $this->dots->range, curve: $this->curve, work: $this->work, curves: $this->curves, flats: $this->flats);
    }

    /**
     * @param non-empty-list<array{GivenInk, PlateRole}> $plates in print order
     *
     * @return non-empty-list<Halftone> of each
     */
    private function angles(array $plates): array
    {
        $dots = $this->dots->halftone;
        if ($this->angles === PlateAngles::Several) {
            return AngleSet::of($this->garment, array_column($plates, 0), $dots, $this->mesh, $this->dots->dot, $this->scatterMm, base: $this->base !== null);
        }
        $apart = $this->base === null ? $dots : PlateBeats::apart($dots, $this->mesh);

        return array_map(static fn (array $plate): Halftone => $plate[1] === PlateRole::Base ? $apart : $dots, $plates);
    }
}
