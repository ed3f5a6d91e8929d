<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Process;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Mix\FourInks;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\MixRequest;
use Ektype\Core\Mix\MixTable;
use Ektype\Core\Mix\MixTerms;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Separation\GivenInk;

/** What a four-colour print is asked for. */
final readonly class ProcessRequest
{
    public const USUAL_BLACK = 0.5;
    /** So much ink lies together at the most on cloth, 1 for 100 % (heuristic). */
    public const USUAL_TOTAL = 2.8;
    private const LEAST_TOTAL = 1.2;
    private const BASE_TURN = 15.0;

    /**
     * @param float          $widthMm printed width of the whole picture
     * @param GivenInk|null  $base    white under all of it, on dark cloth; null for none
     * @param ToneCurve|null $curve   of the film, against the gain of the press
     *
     * @throws ImpossibleMix where black or total cannot be, or a profile meets a base
     */
    public function __construct(
        public float $widthMm,
        public Srgb $garment,
        public FourInks $inks,
        public ?GivenInk $base,
        public float $dpi,
        public ProcessPlan $plan = new ProcessPlan(),
        public ?ToneCurve $curve = null,
    ) {
        [$profile, $black, $total] = [$plan->profile, $plan->black, $plan->total];
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
        $dots = $this->plan->dots;
        $angles = $this->plan->angles->angles($dots->halftone->angleDeg);
        $at = fn (GivenInk $ink, int $i): array => [$ink, PlateRole::Colour, new Halftone($dots->halftone->lpi, $angles[$i])];
        $plates = [$at($this->inks->yellow, 0), $at($this->inks->magenta, 1), $at($this->inks->cyan, 2), $at($this->inks->black, 3)];
        if ($this->base !== null) {
            // Half way between cyan and black.
            array_unshift($plates, [$this->base, PlateRole::Base, new Halftone($dots->halftone->lpi, fmod($angles[2] + self::BASE_TURN, 90.0))]);
        }

        return new MixRequest($this->widthMm, $this->garment, $plates, MixTerms::process(\count($plates), $this->plan->black, $this->plan->total), $this->dpi, $dots->dot, range: $dots->range, curve: $this->curve, work: $this->plan->work, finest: MixTable::MIDDLE, curves: $this->plan->curves, given: $this->plan->profile?->table());
    }
}
