<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Learn\Matrix;
use Ektype\Core\Unit\Point;

/** How a strike-off lies on its scan: from millimetres of the print (right, up) to pixels of the scan (right, down). */
final readonly class ScanPlace
{
    /** pixel x = $ax + $bx·right + $cx·up, and y alike */
    private function __construct(
        public float $ax,
        public float $bx,
        public float $cx,
        public float $ay,
        public float $by,
        public float $cy,
    ) {
    }

    /**
     * By least squares; two places give shift, turn and size, three or more also how it is stretched.
     *
     * @param list<Point> $from of the print
     * @param list<Point> $to   on the scan
     */
    public static function of(array $from, array $to, bool $mirrored = false): ?self
    {
        $rows = $x = $y = [];
        if (\count($from) === 2) {
            // Turned by θ and s as large: X = a + p·right − q·up, Y = b − q·right − p·up with p = s·cos θ, q = s·sin θ.
            $flip = $mirrored ? -1.0 : 1.0;
            $pixels = [];
            foreach ($from as $i => $place) {
                $rows[] = [1.0, 0.0, $flip * $place->xMm, -$place->yMm];
                $pixels[] = $to[$i]->xMm;
                $rows[] = [0.0, 1.0, -$place->yMm, -$flip * $place->xMm];
                $pixels[] = $to[$i]->yMm;
            }
            $fit = Matrix::leastSquares($rows, $pixels);

            return $fit === null ? null : new self($fit[0], $flip * $fit[2], -$fit[3], $fit[1], -$flip * $fit[3], -$fit[2]);
        }
        foreach ($from as $i => $p) {
            $rows[] = [1.0, $p->xMm, $p->yMm];
            $x[] = $to[$i]->xMm;
            $y[] = $to[$i]->yMm;
        }
        $a = Matrix::leastSquares($rows, $x);
        $b = Matrix::leastSquares($rows, $y);

        return $a === null || $b === null ? null : new self($a[0], $a[1], $a[2], $b[0], $b[1], $b[2]);
    }

    public function onScan(Point $print): Point
    {
        return new Point($this->ax + $this->bx * $print->xMm + $this->cx * $print->yMm, $this->ay + $this->by * $print->xMm + $this->cy * $print->yMm);
    }

    /** Degrees that the print lies turned on the scan, anticlockwise; upside down is near 180. */
    public function turnedDeg(): float
    {
        return rad2deg(atan2(-$this->by, $this->bx));
    }

    public function isMirrored(): bool
    {
        return $this->bx * $this->cy - $this->by * $this->cx > 0;
    }

    /** Pixels a millimetre of the print, across and along. */
    public function perMm(): Point
    {
        return new Point(hypot($this->bx, $this->by), hypot($this->cx, $this->cy));
    }
}
