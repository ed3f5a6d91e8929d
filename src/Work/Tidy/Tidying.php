<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tidy;

use Doctrine\DBAL\Connection;
use Ektype\App\Shop\Written\Written;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;

/**
 * Clears away plates, films and art that no job shows and no undo brings back. Nothing goes that this shop’s own database has
 * not written down once and given up; what goes lies in a bin for a week first; and where more than a tenth would go at
 * once, nothing does, and the shop says so: so much is not given up by hand in ten minutes.
 */
final class Tidying
{
    /** How often an idle worker tidies, and how old something nobody needs must be, s. */
    private const EVERY_S = 600.0;
    private const OLD_S = 3600;

    /** Nobody takes back what is older, s. */
    private const UNDO_S = 14 * 86_400;
    /** So long a thing lies in the bin, s. */
    private const BIN_S = 7 * 86_400;
    /** More than this share of what there is, and more than a handful, is never given up at once. */
    private const MOST_SHARE = 0.1;
    private const HANDFUL = 10;

    private float $tidied = 0.0;

    public function __construct(
        private readonly Connection $connection,
        private readonly Written $written,
        private readonly LoggerInterface $log,
        private readonly string $shopData,
    ) {
    }

    #[AsEventListener]
    public function onIdle(WorkerRunningEvent $event): void
    {
        if ($event->isWorkerIdle() && microtime(true) - $this->tidied >= self::EVERY_S) {
            $this->tidied = microtime(true);
            $this->tidy(time() - self::OLD_S);
        }
    }

    /**
     * @param int  $before what was touched later is left alone: somebody may be at it
     * @param bool $asked  whether a person has asked for it, however much it is
     *
     * @return list<string> what went into the bin
     */
    public function tidy(int $before, bool $asked = false): array
    {
        $this->connection->executeStatement('DELETE FROM shop_change WHERE made_at < ?', [date('Y-m-d H:i:s', $before - self::UNDO_S)]);
        $this->writeDownWhatIsNamed();
        $here = array_values(array_filter([...$this->written->all(), ...$this->firstPulls()], fn (string $path): bool => file_exists($this->file($path))));
        $gone = array_values(array_filter($here, fn (string $path): bool => filemtime($this->file($path)) < $before && !$this->isNeeded($path)));
        if (!$asked && \count($gone) > max(self::HANDFUL, self::MOST_SHARE * \count($here))) {
            $this->stop(\count($gone), \count($here));

            return [];
        }
        foreach ($gone as $path) {
            $this->intoBin($path);
        }
        (new Filesystem())->remove($this->shopData.'/'.TidyingStopped::NOTE);
        $this->emptyBin();

        return $gone;
    }

    /** What jobs name today was written by this shop, also where an older program did not write it down. */
    private function writeDownWhatIsNamed(): void
    {
        foreach (['separation_path', 'films_path', 'art_path'] as $column) {
            $this->connection->executeStatement(\sprintf('INSERT OR IGNORE INTO written (path) SELECT %1$s FROM job WHERE %1$s IS NOT NULL', $column));
        }
    }

    /**
     * First pulls are drawn for jobs that this shop has or had.
     *
     * @return list<string>
     */
    private function firstPulls(): array
    {
        $jobs = array_map(static fn (string $path): string => preg_match('#^(jobs/\d+)/#', $path, $m) === 1 ? $m[1] : '', $this->written->all());
        $first = [];
        foreach (array_unique(array_filter($jobs, static fn (string $job): bool => $job !== '')) as $job) {
            foreach (array_filter((array) glob($this->file($job).'/first-*', \GLOB_ONLYDIR), \is_string(...)) as $folder) {
                $first[] = substr($folder, \strlen($this->file('')));
            }
        }

        return $first;
    }

    /** Whether a job, or a change that can be taken back or done again, or work under way names it. */
    private function isNeeded(string $path): bool
    {
        if (preg_match('#^jobs/(\d+)/first-#', $path, $job) === 1) {
            return $this->counts('SELECT COUNT(*) FROM job WHERE id = :path', $job[1]);
        }
        if ($this->counts('SELECT COUNT(*) FROM job WHERE :path IN (separation_path, films_path, art_path)', $path)
            || $this->counts('SELECT COUNT(*) FROM task WHERE state IN (\'waiting\', \'working\') AND :path LIKE \'jobs/\' || job_id || \'/%-\' || id', $path)) {
            return true;
        }
        // In plans and changes it stands as JSON writes it, or as JSON within JSON does.
        $once = trim((string) json_encode($path), '"');
        foreach ([$path, $once, trim((string) json_encode($once), '"')] as $written) {
            if ($this->counts('SELECT COUNT(*) FROM job WHERE instr(plan, :path) > 0 OR instr(tone_plans, :path) > 0', $written)
                || $this->counts('SELECT COUNT(*) FROM shop_change WHERE instr("rows", :path) > 0', $written)) {
                return true;
            }
        }

        return false;
    }

    private function counts(string $sql, string $path): bool
    {
        $count = $this->connection->fetchOne($sql, ['path' => $path]);

        return is_numeric($count) && (int) $count > 0;
    }

    private function intoBin(string $path): void
    {
        $files = new Filesystem();
        $bin = \sprintf('%s/bin/%s/%s', $this->shopData, date('Y-m-d'), $path);
        // Of a picture, what was drawn from it goes too.
        foreach ([$path => $bin, $path.'.preview.png' => $bin.'.preview.png'] as $from => $to) {
            if (file_exists($this->file($from))) {
                $files->remove($to);
                $files->mkdir(\dirname($to), 0o700);
                $files->rename($this->file($from), $to);
            }
        }
        $this->written->forget($path);
    }

    private function emptyBin(): void
    {
        foreach (array_filter((array) glob($this->shopData.'/bin/????-??-??', \GLOB_ONLYDIR), \is_string(...)) as $day) {
            if (strtotime(basename($day)) < time() - self::BIN_S - 86_400) {
                (new Filesystem())->remove($day);
            }
        }
    }

    private function stop(int $gone, int $here): void
    {
        $says = \sprintf(
            'Tidying stopped: of %d folders and pictures that this shop has written, %d are named by no job any more. That is more than comes from daily work, so nothing was cleared away. Look whether jobs are missing. If all are there, clear away by hand: ./ektype console shop:tidy',
            $here,
            $gone,
        );
        $this->log->error($says);
        (new Filesystem())->dumpFile($this->shopData.'/'.TidyingStopped::NOTE, $says);
    }

    private function file(string $path): string
    {
        return $this->shopData.'/files/'.$path;
    }
}
