<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\RegistrationMark;
use Ektype\Core\Film\StripShapes;

/** A film as SVG in millimetres: the plate embedded pixel for pixel, marks, wedge and label as vectors. */
final class FilmSvg
{
    /** @param bool $whole whether the picture is the whole film, marks and label on it */
    public static function of(FilmSheet $sheet, FilmPlate $plate, string $png, FilmPrinter $printer, ?StripShapes $strip = null, bool $whole = false): string
    {
        $width = $sheet->mm($sheet->widthPx);
        $height = $sheet->mm($sheet->heightPx);
        if ($whole) {
            return \sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" width="%.4Fmm" height="%.4Fmm" viewBox="0 0 %.4F %.4F" preserveAspectRatio="none"><image width="%3$.4F" height="%4$.4F" preserveAspectRatio="none" style="image-rendering:pixelated" href="data:image/png;base64,%5$s"/></svg>'."\n",
                $width / (1 + $printer->scaleErrorXPct / 100),
                $height / (1 + $printer->scaleErrorYPct / 100),
                $width,
                $height,
                base64_encode($png),
            );
        }
        $hair = RegistrationMark::HAIRLINE_MM;
        $arm = RegistrationMark::ARM_MM;
        $drawn = '';
        foreach ($sheet->marks() as $mark) {
            $at = $sheet->onFilm($mark->xMm, $mark->yMm);
            [$x, $y] = [$at->xMm, $at->yMm];
            $drawn .= \sprintf(
                '<path d="M%.4F %.4FH%.4FM%.4F %.4FV%.4F"/><circle cx="%.4F" cy="%.4F" r="%.4F"/>',
                $x - $arm,
                $y,
                $x + $arm,
                $x,
                $y - $arm,
                $y + $arm,
                $x,
                $y,
                RegistrationMark::RING_RADIUS_MM,
            );
        }
        $drawn .= \sprintf('<path d="M3 %1$.4FH9M%2$.4F %1$.4FH%3$.4F"/>', $height / 2, $width - 9, $width - 3);
        $blacks = '';
        foreach ([...$sheet->blacks(), ...$strip->blacks ?? []] as [$x, $y, $wide, $high]) {
            $blacks .= \sprintf('<rect x="%.4F" y="%.4F" width="%.4F" height="%.4F"/>', $x, $y, $wide, $high);
        }
        foreach ($strip->rings ?? [] as [$x, $y, $radius, $line]) {
            $blacks .= \sprintf('<circle cx="%.4F" cy="%.4F" r="%.4F" fill="none" stroke="#000" stroke-width="%.4F"/>', $x, $y, $radius, $line);
        }

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%.4Fmm" height="%.4Fmm" viewBox="0 0 %.4F %.4F" preserveAspectRatio="none">'
            .'<image x="%.4F" y="%.4F" width="%.4F" height="%.4F" preserveAspectRatio="none" style="image-rendering:pixelated" href="data:image/png;base64,%s"/>'
            .'<g fill="none" stroke="#000" stroke-width="%F">%s</g><g>%s</g><text x="%.4F" y="%.4F" font-family="sans-serif" font-size="2.8"%s>%s</text></svg>'."\n",
            $width / (1 + $printer->scaleErrorXPct / 100),
            $height / (1 + $printer->scaleErrorYPct / 100),
            $width,
            $height,
            $sheet->mm($sheet->marginPx),
            $sheet->mm($sheet->feedMarginPx),
            $sheet->mm($plate->plane->width),
            $sheet->mm($plate->plane->height),
            base64_encode($png),
            $hair,
            $drawn,
            $blacks,
            $sheet->mm($sheet->marginPx),
            $height - 5,
            // Letters are about half as wide as high: a label too long for the film is drawn narrower, and whole.
            1.4 * mb_strlen($plate->label) > $sheet->mm($sheet->artWidthPx) ? \sprintf(' textLength="%.2F" lengthAdjust="spacingAndGlyphs"', $sheet->mm($sheet->artWidthPx)) : '',
            htmlspecialchars($plate->label, \ENT_XML1),
        );
    }
}
