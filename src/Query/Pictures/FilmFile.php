<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\ShopFiles;

/** A file of a job’s films. */
final readonly class FilmFile
{
    public function __construct(private Jobs $jobs, private ShopFiles $files)
    {
    }

    public function read(int $jobId, string $name): string
    {
        $folder = $this->jobs->get($jobId)->filmsPath ?? throw new NotHere();

        return $this->files->has($folder.'/'.$name) ? $this->files->read($folder.'/'.$name) : throw new NotHere();
    }

    /** How it is called outside the shop: the job’s name before its own. */
    public function called(int $jobId, string $name): string
    {
        $plain = strtolower((string) iconv('UTF-8', 'ASCII//TRANSLIT', $this->jobs->get($jobId)->name));

        return trim((string) preg_replace('/[^a-z0-9]+/', '-', $plain), '-').'-'.$name;
    }
}
