<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\App\Shop\Kept;
use Ektype\App\Shop\ShopFiles;
use Ektype\Core\Film\FilmFormat;
use Ektype\Core\Film\FilmNesting;
use Ektype\Core\Film\FilmPlane;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\FilmWay;
use Ektype\Core\Film\NestedFilm;
use Ektype\Core\Film\RegisterSlot;
use Ektype\Core\Film\RegisterStrip;
use Ektype\Core\Film\StripShapes;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\ChannelTiff;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Raster\Rescaled;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Unit\Point;
use Ektype\Core\Unit\Refusal;

/** Writes a film set in the formats asked for, and the manifest beside them. */
final class FilmSetWriter
{
    private const NARROWEST_MM = 50.0;
    private const WIDEST_MM = 3000.0;
    private const LONGEST_MM = 5000.0;
    private const LARGE_BYTES = 500_000;

    /**
     * @return list<string>
     *
     * @throws UnknownFormat where a format is not known
     */
    public static function formats(string $list): array
    {
        $formats = array_values(
            array_unique(array_filter(array_map(trim(...), explode(',', strtolower($list))), static fn (string $f): bool => $f !== '')),
        );
        foreach ($formats as $format) {
            if (FilmFormat::tryFrom($format) === null) {
                throw UnknownFormat::at(
                    'formats',
                    \sprintf(
                        'Films are not written as “%s”. Choose from %s.',
                        mb_strimwidth($format, 0, 20, '…'),
                        self::words(),
                    ),
                );
            }
        }

        return $formats === [] ? throw UnknownFormat::at(
            'formats',
            'No format is named, so no film would be written. Choose from '.self::words().'.',
        ) : $formats;
    }

    private static function words(): string
    {
        return implode(', ', array_column(FilmFormat::cases(), 'value'));
    }

    /**
     * A roll as its width, a sheet as width × length, in mm.
     *
     * @throws UnknownFormat where it is neither
     */
    public static function media(string $media, FilmPrinter $printer): FilmPrinter
    {
        if (preg_match('/^\s*(\d+(?:\.\d+)?)\s*(?:[x×]\s*(\d+(?:\.\d+)?))?\s*$/u', $media, $parts) !== 1) {
            throw UnknownFormat::at(
                'media',
                \sprintf(
                    '“%s” is no media. Give the width of the roll, such as 610, or a sheet, such as 420x594, in mm.',
                    mb_strimwidth($media, 0, 30, '…'),
                ),
            );
        }
        [$width, $length] = [(float) $parts[1], isset($parts[2]) ? (float) $parts[2] : null];
        if ($width < self::NARROWEST_MM || $width > self::WIDEST_MM || ($length !== null && ($length < self::NARROWEST_MM || $length > self::LONGEST_MM))) {
            throw UnknownFormat::at(
                'media',
                \sprintf(
                    'Media of %s mm are not made. From %.0f to %.0f mm wide can be laid out, sheets up to %.0f mm long.',
                    $media,
                    self::NARROWEST_MM,
                    self::WIDEST_MM,
                    self::LONGEST_MM,
                ),
            );
        }

        return new FilmPrinter(
            'this printer',
            $printer->dpi,
            $width,
            $length,
            $printer->feedMarginMm,
            $printer->density,
            scaleErrorXPct: $printer->scaleErrorXPct,
            scaleErrorYPct: $printer->scaleErrorYPct,
        );
    }

    /**
     * @param (callable(float): void)|null $progress
     *
     * @return list<string> file names within the folder, the manifest last
     */
    public function write(ShopFiles $files, string $folder, Films $set, ?callable $progress = null): array
    {
        [$sheet, $plates, $formats, $printer, $nested, $title] = [$set->sheet, $set->plates, $set->formats, $set->printer, $set->nested, $set->title];
        $nesting = FilmNesting::of($printer, $sheet, \count($plates), $set->way->copies);
        $strip = RegisterStrip::on($sheet, array_map(static fn (FilmPlate $p): string => $p->name, $plates));
        $in = $folder === '' ? '' : $folder.'/';
        $pdf = \in_array('pdf', $formats, true) ? new FilmPdf($sheet, $title, $printer) : null;
        $names = [];
        $pngs = [];
        try {
            foreach ($plates as $i => $_) {
                $pngs[] = self::aside('');
            }
            $pieces = [];
            foreach ($plates as $i => $plate) {
                $pieces[] = static fn (): array => self::film($files, $in, $sheet, $plate, $i + 1, $pdf !== null || $nested ? $pngs[$i] : null, way: $set->way, formats: $formats, printer: $printer, strip: $strip?->of($i));
            }
            $names = array_merge(...SideBySide::all($pieces, \strlen($plates[0]->plane->bytes ?? '') > self::LARGE_BYTES));
            foreach ($plates as $i => $plate) {
                $pdf?->addFilm($plate, $pngs[$i], $strip?->of($i), !$set->way->isUpright());
                if ($progress !== null) {
                    $progress(($i + 1) / \count($plates));
                }
            }
            if ($pdf !== null) {
                $files->put($in.'films.pdf', $pdf->bytes());
                $names[] = 'films.pdf';
            }
            $names = [...$names, ...self::together($files, $in, $set, $strip)];
            if ($nested) {
                $layout = new FilmPdf($sheet, $title.', nested', $printer);
                $layout->addNested($nesting, $plates, $pngs, $strip, !$set->way->isUpright());
                $files->put($in.'nested.pdf', $layout->bytes());
                $names[] = 'nested.pdf';
            }
        } finally {
            array_map(unlink(...), $pngs);
        }
        $manifest = self::whole($set, $nesting, $strip);
        $files->put(
            $in.'manifest.json',
            json_encode($manifest, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR)."\n",
        );

        return [...$names, 'manifest.json'];
    }

    /**
     * @param string|null  $aside   gets the plate alone as PNG, for the PDF; null where there is none
     * @param list<string> $formats
     *
     * @return list<string> the files written
     */
    private static function film(
        ShopFiles $files,
        string $in,
        FilmSheet $sheet,
        FilmPlate $plate,
        int $number,
        ?string $aside,
        FilmWay $way,
        array $formats,
        FilmPrinter $printer,
        ?StripShapes $strip,
    ): array {
        $whole = $way->isUpright() ? null : $way->turned(FilmPlane::of($sheet, $plate->plane, $plate->label, $strip));
        $png = $aside !== null || \in_array('svg', $formats, true) ? PngFile::ofPlane($whole ?? $plate->plane, $sheet->dpi) : '';
        if ($aside !== null) {
            file_put_contents($aside, $png);
        }
        $names = self::filesOf($number, $plate->name, $formats);
        $raster = isset($names['png']) || isset($names['tiff']) ? self::corrected(
            $whole ?? FilmPlane::of($sheet, $plate->plane, $plate->label, $strip),
            $printer,
        ) : null;
        if ($raster !== null && isset($names['png'])) {
            $files->put($in.$names['png'], PngFile::ofPlane($raster, $sheet->dpi));
        }
        if ($raster !== null && isset($names['tiff'])) {
            $files->put($in.$names['tiff'], GroupFour::packed($raster, $sheet->dpi));
        }
        if (isset($names['svg'])) {
            $files->put($in.$names['svg'], FilmSvg::of($sheet, $plate, $png, $printer, $strip, $whole !== null));
        }

        return array_values($names);
    }

    /**
     * The files that hold all plates.
     *
     * @return list<string> those written
     */
    private static function together(ShopFiles $files, string $in, Films $set, ?RegisterStrip $strip): array
    {
        $names = [];
        if (\in_array(FilmFormat::Inks->value, $set->formats, true)) {
            $pdf = new InkedPdf($set->sheet, $set->title, $set->printer);
            $pdf->addAll(self::named($set->plates), array_map(static fn (int $i): ?StripShapes => $strip?->of($i), array_keys($set->plates)));
            $files->put($in.'inks.pdf', $pdf->bytes());
            $names[] = 'inks.pdf';
        }
        if (\in_array(FilmFormat::Channels->value, $set->formats, true)) {
            $films = SideBySide::all(array_map(static fn (FilmPlate $plate, int $i): \Closure => static function () use ($set, $plate, $strip, $i): array {
                $film = self::corrected(FilmPlane::of($set->sheet, $plate->plane, $plate->label, $strip?->of($i)), $set->printer);

                return [$film->width, $film->height, ChannelTiff::strips($film)];
            }, $set->plates, array_keys($set->plates)), \strlen($set->plates[0]->plane->bytes ?? '') > self::LARGE_BYTES);
            $strips = array_combine(array_map(static fn (FilmPlate $plate): string => $plate->name, self::named($set->plates)), array_column($films, 2));
            $files->put($in.'channels.tif', ChannelTiff::of($films[0][0] ?? 0, $films[0][1] ?? 0, $strips, $set->sheet->dpi, $set->sheet->dpi));
            $names[] = 'channels.tif';
        }

        return $names;
    }

    /**
     * Each under a name of its own: two plates of one name would be one separation.
     *
     * @param list<FilmPlate> $plates
     *
     * @return list<FilmPlate>
     */
    private static function named(array $plates): array
    {
        $many = array_count_values(array_map(static fn (FilmPlate $plate): string => $plate->name, $plates));

        return array_map(static fn (FilmPlate $plate, int $i): FilmPlate => $many[$plate->name] > 1 ? new FilmPlate($plate->name.' '.($i + 1), $plate->plane, $plate->label, $plate->colour) : $plate, $plates, array_keys($plates));
    }

    /** @return array<string, mixed> the manifest with its sheet, files, media and strip */
    private static function whole(Films $set, FilmNesting $nesting, ?RegisterStrip $strip): array
    {
        $plates = $set->manifest['plates'] ?? [];

        return [
            ...$set->manifest,
            ...self::sheet($set->sheet, $set->printer),
            ...$set->way->isUpright() ? [] : ['mirrored' => $set->way->mirrored, 'negative' => $set->way->negative],
            'plates' => array_map(
                static fn (mixed $plate, FilmPlate $film, int $i): array => [...\is_array($plate) ? $plate : [], ...self::filesOf($i + 1, $film->name, $set->formats)],
                \is_array($plates) ? array_values($plates) : [],
                $set->plates,
                array_keys($set->plates),
            ),
            ...$strip === null ? [] : ['register_strip' => self::strip($strip)],
            'media' => [
                'width_mm' => $nesting->widthMm,
                'sheet_length_mm' => $set->printer->sheetLengthMm,
                'used_mm' => round($nesting->lengthMm, 1),
                'places' => array_map(static fn (NestedFilm $p): array => ['film' => $p->film, 'page' => $p->page, 'x_mm' => $p->xMm, 'y_mm' => $p->yMm, 'turned' => $p->turned], $nesting->places),
            ],
        ];
    }

    /**
     * The files of a set that was written here before: they go once the new one is whole, or films of two sets would be
     * burned together.
     *
     * @return list<string>
     *
     * @throws UnknownFormat where there is a manifest that is none of a film set
     */
    public static function olderSet(ShopFiles $files): array
    {
        if (!$files->has('manifest.json')) {
            return [];
        }
        try {
            $plates = Kept::fromJson($files->read('manifest.json'))->objects('plates');
        } catch (Refusal) {
            throw UnknownFormat::at('out', 'There is a manifest in that folder that is none of a film set, so nothing was written. Give an empty folder.');
        }
        $names = ['nested.pdf', 'films.zip', ...array_filter(array_map(static fn (FilmFormat $format): ?string => $format->together(), FilmFormat::cases()), is_string(...))];
        foreach ($plates as $plate) {
            foreach (['png', 'tiff', 'svg'] as $kind) {
                if ($plate->has($kind) && preg_match('/^[\w.-]+$/', $plate->text($kind)) === 1) {
                    $names[] = $plate->text($kind);
                }
            }
        }

        return $names;
    }

    /**
     * @param list<string> $formats
     *
     * @return array<string, string> the files of one plate, as the manifest names them
     */
    public static function filesOf(int $number, string $name, array $formats): array
    {
        $plain = substr(FilmPlate::fileName($number, $name), 0, -4);
        $files = [];
        foreach (['png' => 'png', 'tiff' => 'tif', 'svg' => 'svg'] as $format => $ending) {
            if (\in_array($format, $formats, true)) {
                $files[$format] = $plain.'.'.$ending;
            }
        }

        return $files;
    }

    /** @return array<string, mixed> where its targets stand, from the centre of the print, right and up */
    private static function strip(RegisterStrip $strip): array
    {
        $pair = static fn (Point $p): array => [round($p->xMm, 4), round($p->yMm, 4)];

        return [
            'code' => $strip->code,
            'spots' => array_map($pair, $strip->spots),
            'dots' => array_map($pair, $strip->dots),
            'targets' => array_map(static fn (RegisterSlot $s): array => ['corner' => $s->corner, 'plate' => $s->plate + 1, 'at_mm' => $pair($s->at)], $strip->slots),
            'verniers' => array_map(static fn (int $plate, array $v): array => ['plate' => $plate + 1, 'right_at_mm' => $pair($v[0]), 'away_at_mm' => $pair($v[1])], array_keys($strip->verniers()), $strip->verniers()),
        ];
    }

    /** @return array<string, mixed> the part of a manifest that the sheet and its printer give */
    private static function sheet(FilmSheet $sheet, FilmPrinter $printer): array
    {
        $marks = [];
        foreach ($sheet->marks() as $mark) {
            $at = $sheet->onFilm($mark->xMm, $mark->yMm);
            $marks[] = [
                'name' => $mark->name,
                'at_mm' => [round($mark->xMm, 4), round($mark->yMm, 4)],
                'on_film_mm' => [round($at->xMm, 4), round($at->yMm, 4)],
            ];
        }

        return [
            'film_mm' => [round($sheet->mm($sheet->widthPx), 4), round($sheet->mm($sheet->heightPx), 4)],
            'dpi' => $sheet->dpi,
            'marks' => $marks,
            'step_wedge' => $sheet->stepWedge,
            ...($sheet->flag() === null ? [] : ['flag_mm' => array_map(static fn (float $mm): float => round($mm, 4), $sheet->flag())]),
            'film_printer' => [
                'name' => $printer->name,
                'density' => $printer->density,
                'scale_error_pct' => [$printer->scaleErrorXPct, $printer->scaleErrorYPct],
            ],
        ];
    }

    /** What the printer stretches is taken back before it prints. */
    private static function corrected(BitPlane $film, FilmPrinter $printer): BitPlane
    {
        return Rescaled::to(
            $film,
            (int) round($film->width / (1 + $printer->scaleErrorXPct / 100)),
            (int) round($film->height / (1 + $printer->scaleErrorYPct / 100)),
        );
    }

    private static function aside(string $png): string
    {
        $path = tempnam(sys_get_temp_dir(), 'ektype');
        if ($path === false || file_put_contents($path, $png) === false) {
            throw new \RuntimeException('There is no room for temporary files, so the film set cannot be written. Free some disk space and write it again.');
        }

        return $path;
    }
}
