<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;

/** All jobs, newest first. */
final readonly class SeeJobs
{
    public function __construct(private Moment $moment)
    {
    }

    /** @return list<JobOnShelf> */
    public function all(): array
    {
        return $this->moment->see(
            static fn (Snapshot $shop): array => array_map(
                static fn (Job $job): JobOnShelf => self::one($job, $shop),
                $shop->shelves->jobs->newestFirst(),
            ),
        );
    }

    private static function one(Job $job, Snapshot $shop): JobOnShelf
    {
        $plates = $job->platesInOrder();
        $some = static fn (callable $is): bool => array_filter($plates, $is) !== [];

        return new JobOnShelf(
            $job->idOrFail(),
            $job->name,
            $job->customer,
            $job->garment,
            $job->garmentName,
            $job->garmentHex,
            $job->quantity,
            $job->dueOn,
            $job->finishedOn,
            $job->widthMm,
            $job->heightMm(),
            array_map(static fn (Plate $p): string => $p->printedIn()->hex(), $plates),
            $job->separationPath !== null,
            $job->pullKey(),
            match (true) {
                $job->finishedOn !== null => 'done',
                $job->separationPath === null => 'at the art',
                !$job->filmsAreCurrent() => 'at the films',
                $some(static fn (Plate $p): bool => $p->frame === null) => 'at the screens',
                $some(static fn (Plate $p): bool => $shop->burnedSeconds($p) === null) => 'under the light',
                default => 'on the press',
            },
        );
    }
}
