<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;

/** All jobs: the open ones by the day on which they are due, then those without one, then the pile of finished ones, latest first. */
final readonly class SeeJobs
{
    public function __construct(private Moment $moment)
    {
    }

    /** @param string $find words that each must stand in what a job is found by; empty for all */
    public function page(string $find = '', int $page = 1): JobsPage
    {
        return $this->moment->see(
            static function (Snapshot $shop) use ($find, $page): JobsPage {
                $found = $shop->shelves->jobs->hanging($find, $page);
                $atWork = $shop->shelves->tasks->stepsByJob();

                return new JobsPage(
                    array_map(static fn (Job $job): JobOnShelf => self::one($job, $shop, $atWork[$job->idOrFail()] ?? ''), $found->jobs),
                    $page,
                    $found->all,
                    $shop->shelves->jobs->count(),
                );
            },
        );
    }

    /** @param list<Plate> $some */
    private static function names(array $some): string
    {
        return implode(', ', array_map(static fn (Plate $p): string => $p->name, $some));
    }

    /** In the words of the hands that will do it. */
    private static function waits(Job $job, Snapshot $shop, string $atWork): string
    {
        $plates = $job->platesInOrder();
        $bare = array_values(array_filter($plates, static fn (Plate $p): bool => $p->frame === null));
        $unburned = array_values(array_filter($plates, static fn (Plate $p): bool => $shop->burnedSeconds($p) === null));
        $unread = array_values(array_filter(\array_slice($plates, 1), static fn (Plate $p): bool => $p->readings() === [] || $p->wasReadOfAnother()));

        return match (true) {
            $job->finishedOn !== null => '',
            $atWork !== '' => ($job->separationIsCurrent() ? 'its films, ' : 'its plates, ').($atWork === 'working' ? 'being drawn now' : 'next in turn'),
            $job->separationPath === null => 'its plates',
            !$job->separationIsCurrent() => 'its plates, drawn again',
            !$job->filmsAreCurrent() => 'its films',
            $bare !== [] => \count($bare) > 3 ? \sprintf('frames for %d plates', \count($bare)) : 'a frame for '.self::names($bare),
            $unburned !== [] => \count($unburned) > 3 ? \sprintf('%d screens to be made', \count($unburned)) : 'the screen of '.self::names($unburned),
            $unread !== [] => 'a strike-off',
            default => 'the run',
        };
    }

    private static function daysLeft(Job $job, Snapshot $shop): ?int
    {
        return $job->dueOn === null ? null : (int) (new \DateTimeImmutable($shop->now->format('Y-m-d')))->diff(new \DateTimeImmutable($job->dueOn))->format('%r%a');
    }

    private static function one(Job $job, Snapshot $shop, string $atWork): JobOnShelf
    {
        $plates = $job->platesInOrder();
        $some = static fn (callable $is): bool => array_filter($plates, $is) !== [];

        return new JobOnShelf(
            id: $job->idOrFail(),
            name: $job->name,
            order: new OrderOnShelf(
                customer: $job->customer,
                quantity: $job->quantity,
                dueOn: $job->dueOn,
                finishedOn: $job->finishedOn,
                daysLeft: self::daysLeft($job, $shop),
            ),
            on: new GarmentOnShelf(
                garment: $job->garment,
                garmentName: $job->garmentName,
                garmentHex: $job->garmentHex,
            ),
            print: new PrintOnShelf(
                widthMm: $job->widthMm,
                heightMm: $job->heightMm(),
                inkHexes: array_map(static fn (Plate $p): string => $p->printedIn()->hex(), $plates),
                inkNames: array_map(static fn (Plate $p): string => $p->ink->name ?? $p->name, $plates),
                separated: $job->separationPath !== null,
                pullKey: $job->pullKey(),
            ),
            stands: match (true) {
                $job->finishedOn !== null => 'done',
                $job->separationPath === null => 'at the art',
                !$job->filmsAreCurrent() => 'at the films',
                $some(static fn (Plate $p): bool => $p->frame === null) => 'at the screens',
                $some(static fn (Plate $p): bool => $shop->burnedSeconds($p) === null) => 'under the light',
                default => 'on the press',
            },
            waits: self::waits($job, $shop, $atWork),
        );
    }
}
