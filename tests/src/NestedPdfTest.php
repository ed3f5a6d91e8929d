<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\FilmSet\FilmPdf;
use Ektype\Core\Film\FilmNesting;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PngFile;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Films that lie on one sheet are told apart by their labels and cut apart on their lines. */
final class NestedPdfTest extends TestCase
{
    public function testEveryFilmHasItsLabelAndItsCutLines(): void
    {
        $dpi = 150.0;
        $plane = BitPlane::blank((int) (120 / 25.4 * $dpi), (int) (60 / 25.4 * $dpi));
        $names = ['Base white', 'Straw', 'Rust', 'Sage', 'Lamp black'];
        $plates = array_map(static fn (string $name): FilmPlate => new FilmPlate($name, $plane, 'Moth   plate   '.$name.'   this way up'), $names);
        $sheet = new FilmSheet($plane->width, $plane->height, $dpi, \count($plates));
        $nesting = FilmNesting::of(new FilmPrinter(mediaWidthMm: 420.0), $sheet, \count($plates));
        $pngs = [];
        foreach ($plates as $i => $plate) {
            $pngs[] = $png = sys_get_temp_dir().'/ektype-nested-'.getmypid()."-$i.png";
            file_put_contents($png, PngFile::ofPlane($plane, $dpi));
        }
        $pdf = new FilmPdf($sheet, 'nested');
        $pdf->addNested($nesting, $plates, $pngs);
        $path = sys_get_temp_dir().'/ektype-nested-'.getmypid().'.pdf';
        file_put_contents($path, $pdf->bytes());
        try {
            $text = (new Process(['pdftotext', '-layout', $path, '-']))->mustRun()->getOutput();
            foreach ($names as $name) {
                self::assertSame(1, substr_count($text, $name), "the label of $name, in\n$text");
            }
            (new Process(['pdftoppm', '-r', '127', '-gray', '-singlefile', $path, substr($path, 0, -4)]))->mustRun();
            $page = new \Imagick(substr($path, 0, -4).'.pgm');
            $perMm = 127 / 25.4;
            foreach ($nesting->places as $place) {
                if ($place->page !== 0) {
                    continue;
                }
                $wide = $place->turned ? $sheet->mm($sheet->heightPx) : $sheet->mm($sheet->widthPx);
                $dark = 0;
                for ($mm = 2.0; $mm < $wide - 2; $mm += 0.5) {
                    // Along its upper edge, to half a millimetre.
                    $line = $page->exportImagePixels((int) (($place->xMm + $mm) * $perMm), max(0, (int) ($place->yMm * $perMm) - 2), 1, 5, 'I', \Imagick::PIXEL_CHAR);
                    self::assertNotEmpty($line);
                    $dark += (int) (min($line) < 160);
                }
                self::assertGreaterThan(0.4, $dark / ($wide - 4) * 0.5, 'a dashed line is dark half its way, two that meet more');
            }
        } finally {
            foreach ([...$pngs, $path, substr($path, 0, -4).'.pgm'] as $file) {
                if (is_file($file)) {
                    unlink($file);
                }
            }
        }
    }
}
