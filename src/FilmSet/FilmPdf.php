<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\Core\Film\FilmNesting;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\RegisterStrip;
use Ektype\Core\Film\RegistrationMark;
use Ektype\Core\Film\StripShapes;

/**
 * Films as PDF, true to size: the plate as pixels, marks, wedge and label as vectors. A page a film, or all of a set
 * nested on the media. What the printer is known to stretch is taken back over the whole page.
 */
class FilmPdf extends \FPDF
{
    /** Bézier handle of a quarter circle. */
    private const QUARTER = 0.5522847498;
    private const LABEL_POINTS = 8;
    /** Smaller letters are hardly read: the label takes more lines before. */
    private const LABEL_LEAST_POINTS = 5.5;
    private const LABEL_LINES = 3;
    /** A word may be so much longer than its part of the line. */
    private const WORD = 8;
    private const WITHIN_PX = 0.1;
    private const CUT_MM = 0.2;
    private const CUT_DASH_MM = 3.0;
    protected const POINTS_A_MM = 72 / 25.4;

    private readonly float $scaleX;
    private readonly float $scaleY;

    public function __construct(private readonly FilmSheet $sheet, string $title, ?FilmPrinter $printer = null)
    {
        parent::__construct('P', 'mm', [$sheet->mm($sheet->widthPx), $sheet->mm($sheet->heightPx)]);
        $this->scaleX = 1 / (1 + ($printer->scaleErrorXPct ?? 0) / 100);
        $this->scaleY = 1 / (1 + ($printer->scaleErrorYPct ?? 0) / 100);
        $this->SetAutoPageBreak(false);
        $this->SetCreator('Ektype');
        $this->SetTitle($title, true);
    }

    /** @param bool $whole whether the picture is the whole film, marks and label on it */
    public function addFilm(FilmPlate $plate, string $png, ?StripShapes $strip = null, bool $whole = false): void
    {
        $this->page($this->sheet->mm($this->sheet->widthPx), $this->sheet->mm($this->sheet->heightPx));
        $this->film($plate, $png, $strip, $whole);
        $this->_out('Q');
    }

    /**
     * @param list<FilmPlate> $plates in the order of the nesting
     * @param list<string>    $pngs   of each
     * @param bool            $whole  whether they are whole films, marks and label on them
     */
    public function addNested(FilmNesting $nesting, array $plates, array $pngs, ?RegisterStrip $strip = null, bool $whole = false): void
    {
        for ($page = 0; $page < $nesting->pages; ++$page) {
            $this->page($nesting->widthMm, $nesting->pageLengthMm);
            foreach ($nesting->places as $place) {
                if ($place->page !== $page) {
                    continue;
                }
                $k = self::POINTS_A_MM;
                $this->_out($place->turned
                    ? \sprintf(
                        'q 0 1 -1 0 %.5F %.5F cm',
                        ($place->xMm + $nesting->pageLengthMm) * $k,
                        ($nesting->pageLengthMm - $place->yMm - $this->sheet->mm($this->sheet->widthPx)) * $k,
                    )
                    : \sprintf('q 1 0 0 1 %.5F %.5F cm', $place->xMm * $k, -$place->yMm * $k));
                $this->film($plates[$place->film], $pngs[$place->film], $strip?->of($place->film), $whole);
                $this->cutLines();
                $this->_out('Q');
            }
            $this->_out('Q');
        }
    }

    /**
     * A picture as large as the art, on the film that was added last.
     *
     * @param string $png path of it
     */
    public function layBelow(string $png): void
    {
        $sheet = $this->sheet;
        $this->Image(
            $png,
            $sheet->mm($sheet->marginPx),
            $sheet->mm($sheet->feedMarginPx),
            $sheet->mm($sheet->widthPx - 2 * $sheet->marginPx),
            $sheet->mm($sheet->artHeightPx),
            'PNG',
        );
    }

    public function bytes(): string
    {
        $pdf = $this->Output('S');

        return \is_string($pdf) ? $pdf : throw new \UnexpectedValueException('The PDF could not be put together.');
    }

    /** A page as large as the printer must be told; on it all is drawn in true millimetres. */
    protected function page(float $width, float $height): void
    {
        $size = [$width * $this->scaleX, $height * $this->scaleY];
        $this->AddPage($size[0] > $size[1] ? 'L' : 'P', $size);
        $this->_out(\sprintf('q %.7F 0 0 %.7F 0 0 cm', $this->scaleX, $this->scaleY));
        $this->h = $height;
    }

    private function film(FilmPlate $plate, string $png, ?StripShapes $strip, bool $whole): void
    {
        $sheet = $this->sheet;
        if ($whole) {
            // A hair within its pixels: what ends exactly on one is drawn one pixel larger by some, and all marks with it.
            [$wide, $high] = [$sheet->mm($sheet->widthPx), $sheet->mm($sheet->heightPx)];
            $corner = (self::millimetres($this->h) - $high) * self::POINTS_A_MM;
            $off = $sheet->mm(self::WITHIN_PX) * self::POINTS_A_MM;
            [$x, $y] = [1 - 2 * self::WITHIN_PX / $sheet->widthPx, 1 - 2 * self::WITHIN_PX / $sheet->heightPx];
            $this->_out(\sprintf('q %.8F 0 0 %.8F %.6F %.6F cm', $x, $y, $off, $off + $corner * (1 - $y)));
            $this->Image($png, 0, 0, $wide, $high, 'PNG');
            $this->_out('Q');
            $this->SetDrawColor(0);

            return;
        }
        $this->Image(
            $png,
            $sheet->mm($sheet->marginPx),
            $sheet->mm($sheet->feedMarginPx),
            $sheet->mm($plate->plane->width),
            $sheet->mm($plate->plane->height),
            'PNG',
        );
        $this->SetDrawColor(0);
        $this->SetFillColor(0);
        $this->marks();
        $this->shapes($sheet->blacks(), $strip);
        $this->label($plate->label, $sheet->mm($sheet->marginPx), $sheet->mm($sheet->widthPx - 2 * $sheet->marginPx));
    }

    /** Registration marks, and the ticks at the middle of both sides. */
    protected function marks(): void
    {
        $sheet = $this->sheet;
        $width = $sheet->mm($sheet->widthPx);
        $height = $sheet->mm($sheet->heightPx);
        $this->SetLineWidth(RegistrationMark::HAIRLINE_MM);
        $arm = RegistrationMark::ARM_MM;
        foreach ($sheet->marks() as $mark) {
            $at = $sheet->onFilm($mark->xMm, $mark->yMm);
            [$x, $y] = [$at->xMm, $at->yMm];
            $this->Line($x - $arm, $y, $x + $arm, $y);
            $this->Line($x, $y - $arm, $x, $y + $arm);
            $this->ring($x, $y, RegistrationMark::RING_RADIUS_MM);
        }
        $this->Line(3, $height / 2, 9, $height / 2);
        $this->Line($width - 9, $height / 2, $width - 3, $height / 2);
    }

    /** @param list<array{float, float, float, float}> $blacks x, y, width, height, mm */
    protected function shapes(array $blacks, ?StripShapes $strip): void
    {
        foreach ([...$blacks, ...$strip->blacks ?? []] as [$x, $y, $wide, $high]) {
            $this->Rect($x, $y, $wide, $high, 'F');
        }
        foreach ($strip->rings ?? [] as [$x, $y, $radius, $line]) {
            $this->SetLineWidth($line);
            $this->ring($x, $y, $radius);
        }
    }

    /**
     * A line below the print.
     *
     * @param float $x    where it begins, mm
     * @param float $room that it may take, mm
     */
    protected function label(string $label, float $x, float $room): void
    {
        $label = (string) iconv('UTF-8', 'windows-1252//TRANSLIT', $label);
        // Each film stands in a state of its own, in which no font is set yet, whatever was set before.
        $this->FontFamily = '';
        $this->FontSizePt = 0;
        $this->SetFont('Helvetica', '', self::LABEL_POINTS);
        [$lines, $size] = [[$label], (float) self::LABEL_POINTS];
        for ($many = 1; $many <= self::LABEL_LINES; ++$many) {
            $lines = explode("\n", wordwrap($label, (int) ceil(\strlen($label) / $many) + ($many > 1 ? self::WORD : 0), "\n", true));
            $long = max(0.1, ...array_map(fn (string $line): float => self::millimetres($this->GetStringWidth($line)), $lines));
            $size = min(self::LABEL_POINTS, self::LABEL_POINTS * $room / $long);
            if ($size >= self::LABEL_LEAST_POINTS) {
                break;
            }
        }
        $this->SetFontSize($size);
        foreach ($lines as $n => $line) {
            $this->Text($x, $this->sheet->mm($this->sheet->heightPx) - 5 + $n * $size / self::POINTS_A_MM, $line);
        }
    }

    /** Where the films are cut apart: dashed, on the edge of each, outside all that is to be printed. */
    private function cutLines(): void
    {
        $this->SetLineWidth(self::CUT_MM);
        $this->_out(\sprintf('[%1$.3F %1$.3F] 0 d', self::CUT_DASH_MM * self::POINTS_A_MM));
        $this->Rect(0, 0, $this->sheet->mm($this->sheet->widthPx), $this->sheet->mm($this->sheet->heightPx));
        $this->_out('[] 0 d');
    }

    private static function millimetres(mixed $told): float
    {
        return \is_float($told) || \is_int($told) ? (float) $told : 0.0;
    }

    private function ring(float $x, float $y, float $radius): void
    {
        $k = self::POINTS_A_MM;
        $h = self::millimetres($this->h);
        $point = static fn (float $px, float $py): string => \sprintf('%.4F %.4F', $px * $k, ($h - $py) * $k);
        $handle = $radius * self::QUARTER;
        $this->_out($point($x + $radius, $y).' m');
        foreach ([
            [$x + $radius, $y - $handle, $x + $handle, $y - $radius, $x, $y - $radius],
            [$x - $handle, $y - $radius, $x - $radius, $y - $handle, $x - $radius, $y],
            [$x - $radius, $y + $handle, $x - $handle, $y + $radius, $x, $y + $radius],
            [$x + $handle, $y + $radius, $x + $radius, $y + $handle, $x + $radius, $y],
        ] as [$ax, $ay, $bx, $by, $cx, $cy]) {
            $this->_out($point($ax, $ay).' '.$point($bx, $by).' '.$point($cx, $cy).' c');
        }
        $this->_out('s');
    }
}
