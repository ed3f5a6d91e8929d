<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\ShopFiles;
use Ektype\App\Shop\Written\DamagedFile;
use Ektype\App\Shop\Written\FolderSums;

/** A file of a job’s films. */
final readonly class FilmFile
{
    public function __construct(private Jobs $jobs, private ShopFiles $files, private FolderSums $sums)
    {
    }

    public function read(int $jobId, string $name): string
    {
        $folder = $this->jobs->get($jobId)->filmsPath ?? throw new NotHere();

        if (\in_array($name, $this->sums->missing($folder), true)) {
            throw self::damaged($name);
        }
        $contents = $this->files->has($folder.'/'.$name) ? $this->files->read($folder.'/'.$name) : throw new NotHere();

        return $this->sums->isWhole($folder, $name, $contents) ? $contents : throw self::damaged($name);
    }

    private static function damaged(string $name): DamagedFile
    {
        return DamagedFile::because(\sprintf('%s is not as it was written: the file is missing, cut short or damaged, and a screen burned from it would be wrong. Write the films again.', $name));
    }

    /** How it is called outside the shop: the job’s name before its own. */
    public function called(int $jobId, string $name): string
    {
        $plain = strtolower((string) iconv('UTF-8', 'ASCII//TRANSLIT', $this->jobs->get($jobId)->name));

        return trim((string) preg_replace('/[^a-z0-9]+/', '-', $plain), '-').'-'.$name;
    }
}
