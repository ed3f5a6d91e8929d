<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Raster\PlaneFile;
use Ektype\Core\Unit\Refusal;

/** Writes the film set of a job: PNGs, PDF, manifest, and all of it as one ZIP. */
final readonly class WriteFilms
{
    public function __construct(
        private EntityManagerInterface $entities,
        private FilmSetWriter $writer,
        private ShopFiles $files,
        private string $shopData,
    ) {
    }

    public function run(Job $job, int $taskId, TaskProgress $progress): void
    {
        $plates = $job->platesInOrder();
        if ($job->separationPath === null || $plates === []) {
            throw Refusal::because('The art is not separated yet, so there is nothing to put on film. Separate it first.');
        }
        $key = $job->filmsKey();
        $progress->tell('Opening the plates', 0.0);
        $films = [];
        $described = [];
        foreach ($plates as $i => $plate) {
            $plane = PlaneFile::read($this->files->read(\sprintf('%s/%d.plane', $job->separationPath, $plate->drawing)));
            $mesh = $plate->frame?->mesh();
            $films[] = new FilmPlate($plate->name, $plane, \sprintf(
                '%s   plate %d of %d   %s   %son %s   %s   this way up',
                $job->name,
                $i + 1,
                \count($plates),
                $plate->ink === null ? $plate->name : $plate->name.' ('.$plate->ink->name.')',
                $mesh === null ? '' : 'mesh '.str_replace('–', '-', $mesh->name()).'   ',
                $job->garmentName !== '' ? $job->garmentName : $job->garmentHex,
                (new \DateTimeImmutable())->format('j M Y'),
            ));
            $described[] = [
                'name' => $plate->name,
                'role' => $plate->role,
                'hex' => $plate->hex,
                'coverage_pct' => round($plate->coveragePct, 4),
                'area_cm2' => round($plate->areaCm2, 3),
                'finest_line_mm' => $plate->finestLineMm,
                'png' => FilmPlate::fileName($i + 1, $plate->name),
            ];
        }
        $sheet = new FilmSheet($films[0]->plane->width, $films[0]->plane->height, 600, \count($films));
        $manifest = [
            'job' => $job->name,
            'art' => $job->artName,
            'width_mm' => round($job->widthMm, 4),
            'height_mm' => round($job->heightMm(), 4),
            'garment' => $job->garmentHex,
            ...FilmSetWriter::sheet($sheet),
            'plates' => $described,
        ];
        $folder = \sprintf('jobs/%d/films-%d', $job->idOrFail(), $taskId);
        $names = $this->writer->write($this->files, $folder, $job->name, $sheet, $films, $manifest, static fn (float $share) => $progress->tell('Writing the films', 0.1 + 0.85 * $share));
        $progress->tell('Packing the set', 0.96);
        $this->pack($folder, $names);
        $job->filmsPath = $folder;
        $job->filmsKey = $key;
        $this->entities->flush();
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
