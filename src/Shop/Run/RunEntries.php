<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Run;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Shelf;
use Ektype\Core\Run\RunEvent;

/**
 * What was told of runs.
 *
 * @extends Shelf<RunEntry>
 */
final readonly class RunEntries extends Shelf
{
    protected static function kind(): string
    {
        return RunEntry::class;
    }

    /** @return list<RunEvent> of a job, as they came */
    public function of(Job $job): array
    {
        return array_map(static fn (RunEntry $e): RunEvent => $e->told(), $this->shelf()->findBy(['job' => $job], ['id' => 'ASC']));
    }

    /** @return list<Job> of which pieces were counted, latest first */
    public function jobs(int $most): array
    {
        $found = $this->entities->createQuery('SELECT j FROM '.Job::class.' j WHERE j.id IN (SELECT IDENTITY(e.job) FROM '.RunEntry::class.' e) ORDER BY j.id DESC')->setMaxResults($most)->getResult();

        return array_values(array_filter(\is_array($found) ? $found : [], static fn (mixed $one): bool => $one instanceof Job));
    }

    /** @return array<string, true> names of the events of a job that are kept */
    public function known(Job $job): array
    {
        $names = $this->entities->getConnection()->fetchFirstColumn('SELECT event FROM run_entry WHERE job_id = ?', [$job->idOrFail()]);

        return array_fill_keys(array_filter($names, \is_string(...)), true);
    }
}
