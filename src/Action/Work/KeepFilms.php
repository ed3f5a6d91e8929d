<?php

declare(strict_types=1);

namespace Ektype\App\Action\Work;

use Ektype\App\Action\ShopFloor;
use Ektype\App\Action\Unrecorded;
use Ektype\App\Shop\Job\FilmSet;

/** Stores which films were written, and what was read back from them. Undo leaves them: the files are there. */
final readonly class KeepFilms implements Unrecorded
{
    /**
     * @param string $key    what they were made from
     * @param string $folder of the set among the shop’s files
     */
    public function __construct(private int $jobId, private string $key, private string $folder, private FilmSet $set)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $job->filmsPath = $this->folder;
        $job->filmsKey = $this->key;
        $job->filmed($this->set);

        return 'Films of '.$job->name;
    }
}
