<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Doctrine\ORM\PersistentCollection;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Shop\Shelf;

/**
 * The jobs of the shop.
 *
 * @extends Shelf<Job>
 */
final readonly class Jobs extends Shelf
{
    protected static function kind(): string
    {
        return Job::class;
    }

    /** @return list<Job> newest first, with their plates */
    public function newestFirst(): array
    {
        return $this->withPlates('SELECT j FROM '.Job::class.' j ORDER BY j.id DESC');
    }

    /** @return list<Job> that are not put away, as they came, with their plates and frames */
    public function open(): array
    {
        return $this->withPlates('SELECT j, r, l, e FROM '.Job::class.' j LEFT JOIN j.press r LEFT JOIN j.lamp l LEFT JOIN j.emulsion e WHERE j.finishedOn IS NULL ORDER BY j.id ASC');
    }

    public function newest(): Job
    {
        return $this->shelf()->findOneBy([], ['id' => 'DESC']) ?? throw new NotHere();
    }

    /** With all that its figures ask for. */
    public function whole(int $id): Job
    {
        return $this->withPlates(
            'SELECT j, r, l, e FROM '.Job::class.' j LEFT JOIN j.press r LEFT JOIN j.lamp l LEFT JOIN j.emulsion e WHERE j.id = :id',
            ['id' => $id],
        )[0] ?? throw new NotHere();
    }

    /**
     * Plates, inks and frames are fetched for all jobs at once beside them: joined, each row would carry its job again.
     *
     * @param literal-string       $dql
     * @param array<string, mixed> $with
     *
     * @return list<Job>
     */
    private function withPlates(string $dql, array $with = []): array
    {
        $jobs = $this->asked($dql, $with);
        $open = array_filter($jobs, static fn (Job $j): bool => $j->plates instanceof PersistentCollection && !$j->plates->isInitialized());
        $plates = $open === [] ? [] : $this->entities
            ->createQuery('SELECT p, i, f FROM '.Plate::class.' p LEFT JOIN p.ink i LEFT JOIN p.frame f WHERE p.job IN (:jobs) ORDER BY p.position ASC')
            ->setParameter('jobs', array_values($open))
            ->getResult();
        foreach (\is_array($plates) ? $plates : [] as $plate) {
            if ($plate instanceof Plate && $plate->job->plates instanceof PersistentCollection) {
                $plate->job->plates->hydrateAdd($plate);
            }
        }
        foreach ($open as $job) {
            if ($job->plates instanceof PersistentCollection) {
                $job->plates->setInitialized(true);
                $job->plates->takeSnapshot();
            }
        }

        return $jobs;
    }

    public function using(Press|Lamp|Emulsion|FilmPrinter $one): int
    {
        return $this->shelf()->count([match (true) {
            $one instanceof Press => 'press',
            $one instanceof Lamp => 'lamp',
            $one instanceof Emulsion => 'emulsion',
            default => 'filmPrinter',
        } => $one]);
    }
}
