<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Process;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Mix\FourInks;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\InkProfile;
use Ektype\Core\Mix\MixRequest;
use Ektype\Core\Mix\MixTable;
use Ektype\Core\Mix\MixTerms;
use Ektype\Core\Mix\PlateCurves;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\ToneWork;

/** What a four-colour print is asked for. */
final readonly class ProcessRequest
{
    public const USUAL_BLACK = 0.5;
    /** So much ink lies together at the most on cloth, 1 for 100 % (heuristic). */
    public const USUAL_TOTAL = 2.8;
    private const LEAST_TOTAL = 1.2;
    private const BASE_TURN = 15.0;

    /**
     * @param float           $widthMm printed width of the whole picture
     * @param GivenInk|null   $base    white under all of it, on dark cloth; null for none
     * @param Halftone        $dots    ruling, and the angle of the school that has one
     * @param float           $black   share of the grey in a colour that black takes, 0–1
     * @param float           $total   ink together at the most, 1 for 100 %
     * @param Tones           $range   tones that the mesh holds, of the film
     * @param ToneCurve|null  $curve   of the film, against the gain of the press
     * @param InkProfile|null $profile in place of the colours of the inks, on a garment like its paper; null goes by the inks
     *
     * @throws ImpossibleMix where black or total cannot be, or a profile meets a base
     */
    public function __construct(
        public float $widthMm,
        public Srgb $garment,
        public FourInks $inks,
        public ?GivenInk $base,
        public float $dpi,
        public Halftone $dots,
        public AngleSchool $angles = AngleSchool::Fan,
        public float $black = self::USUAL_BLACK,
        public float $total = self::USUAL_TOTAL,
        public Dot $dot = Dot::Round,
        public Tones $range = new Tones(0.0, 1.0),
        public ?ToneCurve $curve = null,
        public ToneWork $work = new ToneWork(),
        public PlateCurves $curves = new PlateCurves(),
        public ?InkProfile $profile = null,
    ) {
        if ($profile !== null && $base !== null) {
            throw ImpossibleMix::at('icc', 'A profile knows its own paper and no base: on this garment the four inks stand on white. Leave the profile out, or print without a base.');
        }
        if ($black < 0 || $black > 1) {
            throw ImpossibleMix::at('black', \sprintf('Black cannot take %.0f %% of the grey: from 0 to 100 %% it can. 50 %% is usual.', 100 * $black));
        }
        if ($total < self::LEAST_TOTAL || $total > 4) {
            throw ImpossibleMix::at('total', \sprintf('%.0f %% of ink together cannot be: from %.0f to 400 %% can. 280 %% is usual on cloth.', 100 * $total, 100 * self::LEAST_TOTAL));
        }
    }

    public function mix(): MixRequest
    {
        $angles = $this->angles->angles($this->dots->angleDeg);
        $at = fn (GivenInk $ink, int $i): array => [$ink, PlateRole::Colour, new Halftone($this->dots->lpi, $angles[$i])];
        $plates = [$at($this->inks->yellow, 0), $at($this->inks->magenta, 1), $at($this->inks->cyan, 2), $at($this->inks->black, 3)];
        if ($this->base !== null) {
            // Half way between cyan and black.
            array_unshift($plates, [$this->base, PlateRole::Base, new Halftone($this->dots->lpi, fmod($angles[2] + self::BASE_TURN, 90.0))]);
        }

        return new MixRequest($this->widthMm, $this->garment, $plates, MixTerms::process(\count($plates), $this->black, $this->total), $this->dpi, $this->dot, range: $this->range, curve: $this->curve, work: $this->work, finest: MixTable::MIDDLE, curves: $this->curves, given: $this->profile?->table());
    }
}
