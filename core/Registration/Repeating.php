<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Unit\Point;

/**
 * What of a misfit repeats from print to print, and how sure that is. Each print is loaded a little elsewhere, so each has a
 * shift of its own beside the one misfit that all have: d = t + s_print + θ J q + error. The shift that repeats is known to
 * the scatter of loading over √prints, and to the error of reading; the turn to the error of reading alone.
 *
 * Turning a knob for what does not repeat makes the next print worse. So each of shift right, shift away and turn is mended
 * as far as it certainly helps: not at all up to LEAST standard errors, whole from twice as many on, between them twice what it
 * exceeds them by. As long as the truth lies no more than LEAST standard errors below the reading, that never overshoots it
 * by more than it was off.
 */
final readonly class Repeating
{
    /** Standard errors below which nothing is mended (simulated: worse afterwards in under 1 press of 100). */
    private const LEAST = 3.3;
    /** What is known of a press counts as so many readings of its scatter. */
    private const KNOWN_AS = 8;
    /** Less than this is left of no misfit that shows, mm; readings that stray by more were read badly, mm (heuristic: a loupe tells 0.03). */
    private const NOTHING_MM = 0.02;
    private const STRAYS_MM = 0.08;
    private const ONE_PRINT = 'One print only: what repeats is not known yet. Print two more before you trust a small turn.';
    /** So much surer must it be where the scatter itself was reckoned from few: Student’s t by freedoms over LEAST, so that one of two hundred is turned for nothing. */
    private const FEW = [1 => 38.6, 2 => 4.27, 3 => 2.26, 4 => 1.70, 5 => 1.45, 6 => 1.31, 8 => 1.16, 12 => 1.04];

    /**
     * @param Point      $centre    of the marks, from the centre of the print
     * @param Point      $shift     there
     * @param Point      $shiftSd   its standard errors
     * @param float|null $turnRad   null where one mark shows none
     * @param float|null $turnSd    of it
     * @param float|null $scatterMm of loading, from print to print, each way; null with one print
     * @param float      $loadingMm the same as it is reckoned with: what the shop knows of its press and what these prints show
     * @param float|null $readingMm error of a reading, each way; null where there are not enough readings to tell
     * @param RigidMove  $mendable  what it helps to mend, at the centre of the print
     * @param float      $reachMm   of the marks from their centre
     * @param GrowthSd   $growth    how sure growth and shear are
     */
    private function __construct(
        public Point $centre,
        public Point $shift,
        public Point $shiftSd,
        public ?float $turnRad,
        public ?float $turnSd,
        public ?float $scatterMm,
        public float $loadingMm,
        public ?float $readingMm,
        public RigidMove $mendable,
        public Certain $certain,
        public float $reachMm,
        public GrowthSd $growth,
    ) {
    }

    /**
     * @param list<list<Reading>> $prints       marks may be missing on some
     * @param float|null          $knownScatter of loading, mm each way, as the shop knows its press; null where nobody does
     */
    public static function of(array $prints, ?float $knownScatter = null): self
    {
        $fit = SharedFit::of($prints);
        $n = \count($fit->shifts);
        $count = $fit->readings;
        // Error of a reading from what no shift, turn or growth explains; from shift and turn alone where that leaves nothing.
        $reading = $fit->readingMm;
        $freedoms = $fit->freedoms;
        $mean = new Point(array_sum(array_column($fit->shifts, 0)) / $n, array_sum(array_column($fit->shifts, 1)) / $n);
        $error = $reading ?? 0.0;
        $scatter = null;
        $between = 0.0;
        if ($n > 1) {
            foreach ($fit->shifts as [$x, $y]) {
                $between += ($x - $mean->xMm) ** 2 + ($y - $mean->yMm) ** 2;
            }
            $between /= 2 * ($n - 1);
            $perPrint = $error ** 2 * $n / $count;
            $scatter = sqrt(max(0.0, $between - $perPrint));
        }
        // What the shop knows of its press counts as so many prints; one print alone shows nothing of loading.
        $own = 2 * ($n - 1);
        $loading2 = match (true) {
            $knownScatter !== null => (self::KNOWN_AS * $knownScatter ** 2 + $own * ($scatter ?? 0.0) ** 2) / (self::KNOWN_AS + $own),
            $scatter !== null => $scatter ** 2,
            default => $error ** 2,
        };
        $sd = sqrt(($loading2 + $error ** 2 * $n / $count) / $n);
        $turnSd = $fit->arm2 > 0 ? $error / sqrt($fit->arm2) : null;
        // Loading has freedoms of its own; where nobody knows it, the one print is taken as if it were well loaded.
        $few = self::few(match (true) {
            $knownScatter !== null => $own + self::KNOWN_AS,
            $own > 0 => $own,
            default => $freedoms,
        });
        $shiftX = self::share($mean->xMm, $sd * $few);
        $shiftY = self::share($mean->yMm, $sd * $few);
        $turn = $fit->turnRad === null ? 0.0 : self::share($fit->turnRad, ($turnSd ?? 0.0) * self::few($freedoms));
        $theta = $turn * ($fit->turnRad ?? 0.0);
        $centre = $fit->centre;

        return new self(
            $centre,
            $mean,
            new Point($sd, $sd),
            $fit->turnRad,
            $turnSd,
            $scatter,
            loadingMm: sqrt($loading2),
            readingMm: $reading,
            // The shift at the centre of the print of a move about the centre of the marks.
            mendable: new RigidMove($shiftX * $mean->xMm + $theta * $centre->yMm, $shiftY * $mean->yMm - $theta * $centre->xMm, $theta),
            certain: new Certain(min($shiftX, $shiftY), $fit->turnRad === null ? 1.0 : $turn),
            reachMm: sqrt($fit->arm2 / max(1, $count)),
            growth: GrowthSd::of($reading, $fit->across2, $fit->along2),
        );
    }

    /** How much of a quantity it certainly helps to mend, 0 to 1. */
    private static function share(float $value, float $sd): float
    {
        if ($sd <= 1e-6) {
            return 1.0;
        }

        return max(0.0, min(1.0, 2 - 2 * self::LEAST * $sd / max(1e-12, abs($value))));
    }

    private static function few(int $freedoms): float
    {
        $factor = 1.0;
        foreach (array_reverse(self::FEW, true) as $of => $times) {
            if ($freedoms <= $of) {
                $factor = $times;
            }
        }

        return $factor;
    }

    /** What is not mended, and why, in plain sentences. */
    public function says(int $prints, ?float $knownScatter): string
    {
        $alone = $prints === 1 && $knownScatter === null ? self::ONE_PRINT : '';
        // What is left of the shift, and of the turn at the marks’ own distance.
        $left = hypot(hypot($this->shift->xMm, $this->shift->yMm) * (1 - $this->certain->shift), $this->reachMm * abs($this->turnRad ?? 0.0) * (1 - $this->certain->turn));
        if ($left < self::NOTHING_MM) {
            return $alone;
        }
        $scatter = $this->loadingMm;
        $reading = $this->readingMm ?? 0.0;
        $more = $prints === 1 ? 'two' : 'some';

        return match (true) {
            $scatter >= $reading && ($prints > 1 || $knownScatter !== null) => \sprintf('This press scatters by %.2f mm from print to print: hold the garment, tack it, tighten platen and frame, and print %s more. What is not surely larger than its own error (%.2f mm) is not turned back.', $scatter, $more, $this->shiftSd->xMm),
            $reading > self::STRAYS_MM => \sprintf('The readings stray by %.2f mm from each other: read them again under a loupe, or print %s more. What is not surely larger than its own error (%.2f mm) is not turned back.', $reading, $more, $this->shiftSd->xMm),
            default => $alone !== '' ? $alone : \sprintf('What is left (%.2f mm) is no larger than readings can tell: it is not turned back.', $left),
        };
    }
}
