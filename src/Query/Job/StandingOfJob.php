<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** How far its plates and films are, and whether they are those of the job as it is now. */
final readonly class StandingOfJob
{
    /**
     * @param string $pullKey changes whenever the pull has to be drawn anew
     */
    public function __construct(
        public bool $separated,
        public bool $separationCurrent,
        public bool $filmsWritten,
        public bool $filmsCurrent,
        public string $pullKey,
    ) {
    }
}
