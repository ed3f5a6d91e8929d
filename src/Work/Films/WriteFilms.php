<?php

declare(strict_types=1);

namespace Ektype\App\Work\Films;

use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Action\Work\KeepFilms;
use Ektype\App\FilmSet\FilmSetWriter;
use Ektype\App\FilmSet\LightTable;
use Ektype\App\Shop\Job\FilmRead;
use Ektype\App\Shop\Job\FilmSet;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Job\MediaUsed;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\ShopFiles;
use Ektype\App\Shop\Written\FolderSums;
use Ektype\App\Shop\Written\Written;
use Ektype\App\Work\Long\TaskProgress;
use Ektype\Core\Film\CheckedFilm;
use Ektype\Core\Film\FilmNesting;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\RegisterStrip;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Method\Spot\Tint;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PlaneFile;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\NeighbourBudget;
use Ektype\Core\Separation\WitnessSpot;

/** Writes the film set of a job: PNGs, PDF, manifest, and all of it as one ZIP. */
final readonly class WriteFilms
{
    public function __construct(
        private ShopDoor $door,
        private FilmSetWriter $writer,
        private ShopFiles $files,
        private Written $written,
        private FolderSums $sums,
        private LightTable $table,
        private string $shopData,
    ) {
    }

    public function run(Job $job, int $taskId, TaskProgress $progress): void
    {
        $id = $job->idOrFail();
        $plates = $job->platesInOrder();
        $meshes = $job->labelledMeshes();
        if ($job->separationPath === null || $plates === []) {
            throw Refused::because('The art is not separated yet, so there is nothing to put on film. Separate it first.');
        }
        $key = $job->filmsKey();
        $progress->tell('Opening the plates', 0.0);
        $films = [];
        $described = [];
        foreach ($plates as $i => $plate) {
            $plane = PlaneFile::read($this->files->read(\sprintf('%s/%d.plane', $job->separationPath, $plate->drawing)));
            $mesh = $plate->frame?->mesh();
            $films[] = new FilmPlate($plate->name, $plane, \sprintf(
                '%s   plate %d of %d   %s   %s%s   on %s   %s   this way up, ink side up',
                $job->name,
                $i + 1,
                \count($plates),
                $plate->ink === null ? $plate->name : $plate->name.' ('.$plate->ink->name.')',
                $mesh === null ? '' : 'mesh '.str_replace('–', '-', $mesh->name).'   ',
                self::dotsOnLabel($plate),
                $job->cloth(),
                (new \DateTimeImmutable())->format('j M Y'),
            ));
            $described[] = [
                'name' => $plate->name,
                'role' => $plate->role->value,
                'hex' => $plate->hex,
                'coverage_pct' => round($plate->coveragePct, 4),
                'area_cm2' => round($plate->areaCm2, 3),
                'art_area_cm2' => round($plate->artAreaCm2, 3),
                'ink' => $plate->ink->name ?? '',
                'overprints' => $plate->overprints,
                'finest_line_mm' => $plate->finestLineMm,
                'finest_gap_mm' => $plate->finestGapMm,
                ...self::dots($plate),
                ...FilmSetWriter::filesOf($i + 1, $plate->name, $job->filmFormats),
            ];
        }
        $printer = $job->filmProfile();
        $sheet = new FilmSheet(
            $films[0]->plane->width,
            $films[0]->plane->height,
            $printer->dpi,
            \count($films),
            $printer->feedMarginMm,
            $job->stepWedge,
        );
        $found = $job->findings();
        $manifest = [
            'job' => $job->name,
            'method' => strtr(($job->method() ?? MethodName::usual())->value, ' ', '-'),
            'art' => $job->art->name,
            'width_mm' => round($job->widthMm, 4),
            'height_mm' => round($job->heightMm(), 4),
            'garment' => $job->garmentHex,
            'choke_mm' => $job->spotPlan()->chokeMm,
            'trap_mm' => $found->trapMm ?? 0.0,
            ...FilmSetWriter::sheet($sheet, $printer),
            'plates' => $described,
            'register_budget' => [
                'mm' => $found->budget[0]->mm ?? null,
                'pairs' => array_map(
                    static fn (NeighbourBudget $p): array => ['one' => $p->one, 'two' => $p->two, 'mm' => $p->mm],
                    $found->budget ?? [],
                ),
            ],
            'witness_spots' => array_map(
                static fn (WitnessSpot $w): array => ['x_mm' => $w->xMm, 'y_mm' => $w->yMm, 'plates' => $w->plates],
                $found->witnesses ?? [],
            ),
        ];
        $folder = \sprintf('jobs/%d/films-%d', $id, $taskId);
        $this->written->down($folder);
        $names = $this->writer->write(
            $this->files,
            $folder,
            $job->name,
            $sheet,
            $films,
            $manifest,
            $job->filmFormats,
            $printer,
            true,
            static fn (float $share) => $progress->tell('Writing the films', 0.1 + 0.5 * $share),
        );
        $kept = [];
        $check = $this->table->folder(
            $this->shopData.'/files/'.$folder,
            static fn (float $share) => $progress->tell('Reading them back on the light table', 0.6 + 0.35 * $share),
            function (string $file, int $page, BitPlane $read) use ($folder, $plates, $job, &$kept): void {
                // What the light table shows is what was read from the files, one film a plate.
                foreach ($plates as $i => $plate) {
                    if (!isset($kept[$i]) && ($file === 'films.pdf' ? $page === $i + 1 : \in_array(
                        $file,
                        FilmSetWriter::filesOf($i + 1, $plate->name, $job->filmFormats),
                        true,
                    ))) {
                        $kept[$i] = true;
                        $this->files->put(\sprintf('%s/read-%d.plane', $folder, $i), PlaneFile::of($read));
                        $this->files->put(\sprintf('%s/read-%d.cover', $folder, $i), CoverageFile::of(CoverageMap::of($read)));
                    }
                }
            },
        );
        $progress->tell('Packing the set', 0.96);
        $this->pack($folder, $names);
        $this->sums->write($folder);
        $laid = FilmNesting::of($printer, $sheet, \count($films));
        $media = new MediaUsed(
            $sheet->mm($sheet->widthPx),
            $sheet->mm($sheet->heightPx),
            $sheet->mm($sheet->marginPx),
            $sheet->mm($sheet->feedMarginPx),
            $laid->widthMm,
            $laid->pageLengthMm,
            $laid->lengthMm,
            $laid->pages,
        );
        $read = array_map(static fn (CheckedFilm $f): FilmRead => new FilmRead($f->file, \count($f->marks), $f->worstMm), $check->films);
        $this->door->do(
            new KeepFilms(
                $id,
                $key,
                $folder,
                new FilmSet($check->inRegister, $check->worstMm, $check->says, $read, $meshes, $media, $laid->places, RegisterStrip::on($sheet, array_column($films, 'name')) !== null),
            ),
        );
    }

    /** @param list<string> $names */
    private function pack(string $folder, array $names): void
    {
        $in = $this->shopData.'/files/'.$folder.'/';
        $zip = new \ZipArchive();
        if ($zip->open($in.'films.zip.part', \ZipArchive::CREATE | \ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException('The ZIP cannot be written.');
        }
        foreach ($names as $name) {
            $zip->addFile($in.$name, $name);
        }
        $zip->close();
        rename($in.'films.zip.part', $in.'films.zip');
    }

    private static function dotsOnLabel(Plate $plate): string
    {
        if ($plate->dot !== null) {
            return \sprintf('%.1f lpi %.1f° %s', $plate->lpi ?? 0.0, $plate->angleDeg ?? 0.0, $plate->dot->value);
        }

        $dots = $plate->job->spotPlan()->tintDots();

        return self::tintsOf($plate) === [] ? 'no halftone' : \sprintf('tints %.1f lpi %.1f° round', $dots->lpi, $dots->angleDeg);
    }

    /** @return list<Tint> colours that print as dots of a spot plate */
    private static function tintsOf(Plate $plate): array
    {
        return $plate->printsTones() ? [] : $plate->job->spotPlan()->tintsOf($plate->artHex);
    }

    /** @return array<string, mixed> what a film with dots is told by */
    private static function dots(Plate $plate): array
    {
        $range = $plate->tones();

        $tints = self::tintsOf($plate);
        if ($tints !== []) {
            return [
                'lpi' => $plate->job->spotPlan()->tintDots()->lpi,
                'angle_deg' => $plate->job->spotPlan()->tintDots()->angleDeg,
                'dot' => Dot::Round->value,
                'tints' => array_map(static fn (Tint $t): array => ['hex' => $t->hex, 'tone_pct' => round(100 * $t->toneOf($plate->artHex ?? ''), 1), 'delta_e' => $t->deltaE], $tints),
            ];
        }

        if ($plate->dot === null && $plate->job->printsTones()) {
            return ['ink_hiding' => round($plate->hiding(), 4), 'ink_kind' => $plate->isTransparent() ? 'transparent' : 'opaque'];
        }

        return $plate->dot === null ? [] : [
            'ink_kind' => $plate->isTransparent() ? 'transparent' : 'opaque',
            'ink_hiding' => round($plate->ink->hiding ?? Hiding::WISHED, 4),
            'lpi' => $plate->lpi ?? 0.0,
            'angle_deg' => $plate->angleDeg ?? 0.0,
            'dot' => $plate->dot->value,
            'range' => [round(100 * ($range->lightest ?? 0.0), 2), round(100 * ($range->darkest ?? 1.0), 2)],
            'laying' => $plate->laid()->value,
        ];
    }
}
