<?php

declare(strict_types=1);

namespace Ektype\App\Action\Films;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Film\FilmWay;

/** Which way round the films of a job are written, black or clear, and how many of each. null leaves a thing as it is. */
final readonly class TurnFilms implements Change
{
    public function __construct(private int $jobId, private ?bool $mirrored = null, private ?bool $negative = null, private ?int $copies = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $way = new FilmWay($this->mirrored ?? $job->filmMirrored, $this->negative ?? $job->filmNegative, $this->copies ?? $job->filmCopies);
        [$job->filmMirrored, $job->filmNegative, $job->filmCopies] = [$way->mirrored, $way->negative, $way->copies];

        return 'How films of '.$job->name.' are written';
    }
}
