<?php

declare(strict_types=1);

namespace Ektype\App\Work\Long;

/** One process at a time is at a thing, however many there are: a lock that the machine itself takes off when it ends in any way. */
final readonly class OneAtATime
{
    public function __construct(private string $shopData)
    {
    }

    /**
     * Does the work, unless another process is at the same thing.
     *
     * @param \Closure(): void $work
     *
     * @return bool whether it was done
     */
    public function at(string $thing, \Closure $work): bool
    {
        $held = $this->hold($thing, wait: false);
        if ($held === null) {
            return false;
        }
        try {
            $work();
        } finally {
            $held->release();
        }

        return true;
    }

    /**
     * @param bool $wait until the other process is done
     *
     * @return Held|null null where another process is at it
     *
     * @throws \RuntimeException where the shop’s folder cannot be written
     */
    public function hold(string $thing, bool $wait): ?Held
    {
        $folder = $this->shopData.'/work';
        if (!is_dir($folder) && !@mkdir($folder, 0o700) && !is_dir($folder)) {
            throw new \RuntimeException('The shop’s folder cannot be written.');
        }
        $lock = fopen(\sprintf('%s/%s.lock', $folder, $thing), 'c');
        if ($lock === false) {
            throw new \RuntimeException('The shop’s folder cannot be written.');
        }
        if (!flock($lock, $wait ? \LOCK_EX : \LOCK_EX | \LOCK_NB)) {
            fclose($lock);

            return null;
        }

        return new Held($lock);
    }
}
