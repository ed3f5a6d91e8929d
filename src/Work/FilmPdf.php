<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\RegistrationMark;
use Ektype\Core\Raster\PngFile;

/** A film set as one PDF, a page a film, true to size: the plate as pixels, marks and label as vectors. */
final class FilmPdf extends \FPDF
{
    /** Bézier handle of a quarter circle. */
    private const QUARTER = 0.5522847498;
    private const LABEL_POINTS = 8;

    public function __construct(private readonly FilmSheet $sheet, string $title)
    {
        parent::__construct('P', 'mm', [$sheet->mm($sheet->widthPx), $sheet->mm($sheet->heightPx)]);
        $this->SetAutoPageBreak(false);
        $this->SetCreator('Ektype');
        $this->SetTitle($title, true);
    }

    public function addFilm(FilmPlate $plate): void
    {
        $width = $this->sheet->mm($this->sheet->widthPx);
        $height = $this->sheet->mm($this->sheet->heightPx);
        $margin = $this->sheet->mm($this->sheet->marginPx);
        $this->AddPage($width > $height ? 'L' : 'P', [$width, $height]);
        $png = tempnam(sys_get_temp_dir(), 'ektype');
        if ($png === false) {
            throw new \RuntimeException('There is no room for temporary files, so the film set cannot be written. Free some disk space and write it again.');
        }
        try {
            file_put_contents($png, PngFile::ofPlane($plate->plane, $this->sheet->dpi));
            $this->Image($png, $margin, $margin, $this->sheet->mm($plate->plane->width), $this->sheet->mm($plate->plane->height), 'PNG');
        } finally {
            unlink($png);
        }
        $this->SetDrawColor(0);
        $this->SetLineWidth(RegistrationMark::HAIRLINE_MM);
        $arm = RegistrationMark::ARM_MM;
        foreach ($this->sheet->marks() as $mark) {
            [$x, $y] = $this->sheet->onFilm($mark->xMm, $mark->yMm);
            $this->Line($x - $arm, $y, $x + $arm, $y);
            $this->Line($x, $y - $arm, $x, $y + $arm);
            $this->ring($x, $y, RegistrationMark::RING_RADIUS_MM);
        }
        $this->Line(3, $height / 2, 9, $height / 2);
        $this->Line($width - 9, $height / 2, $width - 3, $height / 2);
        $this->SetFont('Helvetica', '', self::LABEL_POINTS);
        $this->Text($margin, $height - 5, (string) iconv('UTF-8', 'windows-1252//TRANSLIT', $plate->label));
    }

    public function bytes(): string
    {
        $pdf = $this->Output('S');

        return \is_string($pdf) ? $pdf : throw new \UnexpectedValueException('The PDF could not be put together.');
    }

    private function ring(float $x, float $y, float $radius): void
    {
        // The page's own measures: points a millimetre, height in millimetres.
        $k = 72 / 25.4;
        $h = $this->sheet->mm($this->sheet->heightPx);
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
