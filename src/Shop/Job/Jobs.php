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

    /**
     * As they hang in the shop: open ones by the day on which they are due, those without one behind, the newest of a day
     * first; then the pile of finished ones, latest on top.
     *
     * @param string $find words that each stand in its name, customer, garment, colour or one of its inks; empty for all
     *
     * @return FoundJobs with their plates
     */
    public function hanging(string $find, int $page): FoundJobs
    {
        $connection = $this->entities->getConnection();
        $native = $connection->getNativeConnection();
        if ($native instanceof \PDO) {
            // SQLite’s own lower() knows no letter beyond z.
            $native->sqliteCreateFunction('lowered', static fn (?string $text): string => mb_strtolower($text ?? ''), 1, \PDO::SQLITE_DETERMINISTIC);
        }
        $words = array_values(array_filter(explode(' ', (string) preg_replace('/\s+/u', ' ', mb_strtolower($find))), static fn (string $word): bool => $word !== ''));
        $where = implode(' AND ', ['1 = 1', ...array_fill(0, \count($words), 'instr(says, ?) > 0')]);
        $says = "lowered(j.name || ' ' || j.customer || ' ' || j.garment || ' ' || j.garment_name || ' ' || COALESCE((SELECT GROUP_CONCAT(COALESCE(i.name, p.name), ' ') FROM plate p LEFT JOIN ink i ON i.id = p.ink_id WHERE p.job_id = j.id), ''))";
        $from = $words === [] ? 'job j WHERE 1 = 1' : "(SELECT j.*, $says AS says FROM job j) j WHERE $where";
        $ids = $connection->fetchFirstColumn(\sprintf(
            "SELECT j.id FROM %s ORDER BY j.finished_on IS NOT NULL, CASE WHEN j.finished_on IS NULL THEN COALESCE(j.due_on, '9999') END, j.finished_on DESC, j.id DESC LIMIT %d OFFSET %d",
            $from,
            FoundJobs::A_PAGE,
            ($page - 1) * FoundJobs::A_PAGE,
        ), $words);
        $count = $connection->fetchOne('SELECT COUNT(*) FROM '.$from, $words);
        $place = array_flip(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $ids));
        $jobs = $this->withPlates('SELECT j FROM '.Job::class.' j WHERE j.id IN (:ids)', ['ids' => array_keys($place)]);
        usort($jobs, static fn (Job $a, Job $b): int => $place[$a->idOrFail()] <=> $place[$b->idOrFail()]);

        return new FoundJobs($jobs, is_numeric($count) ? (int) $count : 0);
    }

    /** @return list<Job> that are not put away, as they came, with their plates and frames */
    public function open(): array
    {
        return $this->withPlates('SELECT j, r, l, e FROM '.Job::class.' j LEFT JOIN j.press r LEFT JOIN j.lamp l LEFT JOIN j.emulsion e WHERE j.finishedOn IS NULL ORDER BY j.id ASC');
    }

    /**
     * Those that are due first, with all that their figures ask for.
     *
     * @param int $from how many are passed over
     *
     * @return list<Job> that are not put away; those without a day last, else as they came
     */
    public function dueFirst(int $from, int $most): array
    {
        $ids = $this->entities->getConnection()->fetchFirstColumn(\sprintf("SELECT id FROM job WHERE finished_on IS NULL ORDER BY COALESCE(due_on, '9999'), id LIMIT %d OFFSET %d", $most, $from));
        $jobs = $ids === [] ? [] : $this->withPlates('SELECT j, r, l, e FROM '.Job::class.' j LEFT JOIN j.press r LEFT JOIN j.lamp l LEFT JOIN j.emulsion e WHERE j.id IN (:ids)', ['ids' => $ids]);
        usort($jobs, static fn (Job $a, Job $b): int => [$a->dueOn ?? '9999', $a->id] <=> [$b->dueOn ?? '9999', $b->id]);

        return $jobs;
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
