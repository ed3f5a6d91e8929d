<?php

declare(strict_types=1);

namespace Ektype\App\Api\Films;

use Ektype\App\Action\ShopDoor;
use Ektype\App\Action\Work\AskForWork;
use Ektype\App\Api\Answering\Heavy;
use Ektype\App\Api\Answering\Served;
use Ektype\App\Api\Answering\Status;
use Ektype\App\Api\Asking\Asked;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Query\Films\FilmsBench;
use Ektype\App\Query\Films\SeeFilms;
use Ektype\App\Query\Job\JobHead;
use Ektype\App\Query\Job\SeeJob;
use Ektype\App\Query\Pictures\FilmFile;
use Ektype\App\Query\Pictures\SeePictures;
use Ektype\App\Shop\Task\TaskKind;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The stage of the films: written, read back, laid over each other, taken home. */
final readonly class FilmsController
{
    private const TYPES = [
        'pdf' => 'application/pdf',
        'zip' => 'application/zip',
        'png' => 'image/png',
        'json' => 'application/json',
        'tif' => 'image/tiff',
        'svg' => 'image/svg+xml',
    ];

    public function __construct(
        private ShopDoor $door,
        private SeeJob $job,
        private SeeFilms $bench,
        private SeePictures $pictures,
        private FilmFile $files,
    ) {
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/films', methods: ['GET'])]
    public function bench(int $id): FilmsBench
    {
        return $this->bench->of($id);
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/films', methods: ['POST']), Status(202)]
    public function write(int $id): JobHead
    {
        $this->door->do(new AskForWork($id, TaskKind::Films));

        return $this->job->of($id);
    }

    /** How its films are printed. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/films', methods: ['PATCH'])]
    public function wish(int $id, #[Body] FilmsPatch $patch): JobHead
    {
        $this->door->do(...$patch->changes($id));

        return $this->job->of($id);
    }

    /** A film as the light table read it back from its file. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/table/{film<[0-9]{1,9}>}.png', methods: ['GET'])]
    public function readBack(int $id, int $film, #[Asked] FilmTint $tinted): Response
    {
        return Served::picture($this->pictures->readBack($id, $film, $tinted->tint));
    }

    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/table/loupe.png', methods: ['GET'])]
    public function loupe(int $id, #[Asked] TableLoupe $at): Response
    {
        return Served::picture($this->pictures->loupeOnFilms($id, $at->point(), $at->mm, $at->alone));
    }

    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/films/{name<[a-z0-9-]+\.(pdf|zip|png|tif|svg|json)>}', methods: ['GET'])]
    public function download(int $id, string $name): Response
    {
        return Served::file(
            $this->files->read($id, $name),
            self::TYPES[pathinfo($name, \PATHINFO_EXTENSION)] ?? 'application/octet-stream',
            $this->files->called($id, $name),
        );
    }
}
