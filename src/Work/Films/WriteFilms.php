<?php

declare(strict_types=1);

namespace Ektype\App\Work\Films;

use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Action\Work\KeepFilms;
use Ektype\App\FilmSet\FilmSetWriter;
use Ektype\App\FilmSet\LightTable;
use Ektype\App\FilmSet\Manifest;
use Ektype\App\FilmSet\PlateOnFilm;
use Ektype\App\FilmSet\PrintOnFilm;
use Ektype\App\Shop\Job\FilmRead;
use Ektype\App\Shop\Job\FilmSet;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Job\MediaUsed;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\ShopFiles;
use Ektype\App\Shop\Written\FolderSums;
use Ektype\App\Shop\Written\Written;
use Ektype\App\Work\Long\TaskProgress;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\CheckedFilm;
use Ektype\Core\Film\FilmNesting;
use Ektype\Core\Film\RegisterStrip;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PlaneFile;
use Psr\Clock\ClockInterface;

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
        private JobPrint $print,
        private ClockInterface $clock,
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
        $shelf = $this->print->of($job)->shelf;
        $of = [];
        foreach ($plates as $plate) {
            $mesh = $plate->frame?->mesh();
            $of[] = new PlateOnFilm(
                $plate->separated(PlaneFile::read($this->files->read(\sprintf('%s/%d.plane', $job->separationPath, $plate->drawing)))),
                $plate->ink === null ? null : $shelf[$plate->ink->idOrFail()] ?? null,
                $plate->laid(),
                mesh: $mesh === null ? '' : 'mesh '.str_replace('–', '-', $mesh->name),
            );
        }
        $printer = $job->filmProfile();
        $set = Manifest::films(new PrintOnFilm(
            $job->art->name,
            $job->name,
            $job->widthMm,
            $job->heightMm(),
            Srgb::fromHex($job->garmentHex),
            $job->cloth(),
            ppi: $job->artPpi(),
            printer: $printer,
            formats: $job->filmFormats,
            stepWedge: $job->stepWedge,
            nested: true,
            made: $this->clock->now()->format('j M Y'),
            way: $job->filmWay(),
        ), $of, $job->findings() ?? throw new \LogicException('A separation has findings.'), $job->plan(), array_values($shelf));
        $sheet = $set->sheet;
        $folder = \sprintf('jobs/%d/films-%d', $id, $taskId);
        $this->written->down($folder);
        $names = $this->writer->write($this->files, $folder, $set, static fn (float $share) => $progress->tell('Writing the films', 0.1 + 0.5 * $share));
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
        $laid = FilmNesting::of($printer, $sheet, \count($plates), $set->way->copies);
        $media = new MediaUsed(
            $sheet->mm($sheet->widthPx),
            $sheet->mm($sheet->heightPx),
            $sheet->mm($sheet->marginPx),
            $sheet->mm($sheet->feedMarginPx),
            $laid->widthMm,
            $laid->pageLengthMm,
            usedMm: $laid->lengthMm,
            pages: $laid->pages,
        );
        $read = array_map(static fn (CheckedFilm $f): FilmRead => new FilmRead($f->file, \count($f->marks), $f->worstMm), $check->films);
        $this->door->do(
            new KeepFilms(
                $id,
                $key,
                $folder,
                new FilmSet($check->inRegister, $check->worstMm, $check->says, $read, $meshes, $media, nested: $laid->places, strip: RegisterStrip::on($sheet, array_column($set->plates, 'name')) !== null),
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
}
