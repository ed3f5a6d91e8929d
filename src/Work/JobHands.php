<?php

declare(strict_types=1);

namespace Ektype\App\Work;

/**
 * One worker at a time works on a job, however many there are: a lock that the machine itself takes off when its worker
 * ends in any way.
 */
final readonly class JobHands
{
    public function __construct(private string $shopData)
    {
    }

    /**
     * Does the work, unless another worker is at the job.
     *
     * @param \Closure(): void $work
     *
     * @return bool whether it was free
     *
     * @throws \RuntimeException where the shop’s folder cannot be written
     */
    public function at(int $jobId, \Closure $work): bool
    {
        $folder = $this->shopData.'/work';
        if (!is_dir($folder) && !@mkdir($folder, 0o700) && !is_dir($folder)) {
            throw new \RuntimeException('The shop’s folder cannot be written.');
        }
        $lock = fopen(\sprintf('%s/job-%d.lock', $folder, $jobId), 'c');
        if ($lock === false) {
            throw new \RuntimeException('The shop’s folder cannot be written.');
        }
        try {
            if (!flock($lock, \LOCK_EX | \LOCK_NB)) {
                return false;
            }
            $work();

            return true;
        } finally {
            fclose($lock);
        }
    }
}
