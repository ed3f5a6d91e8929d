<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Doctrine\DBAL\Connection;
use Ektype\App\Shop\ShopFiles;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;

/**
 * Clears away plates and films that no job shows and no undo brings back, files that were begun and never ended, and
 * folders of jobs that are gone.
 */
final class Tidying
{
    /** How often an idle worker tidies, and how old something nobody needs must be, s. */
    private const EVERY_S = 600.0;
    private const OLD_S = 3600;

    /** Nobody takes back what is older, s. */
    private const UNDO_S = 14 * 86_400;

    private float $tidied = 0.0;

    public function __construct(private readonly Connection $connection, private readonly ShopFiles $files, private readonly string $shopData)
    {
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
     * @param int $before what was touched later is left alone: somebody may be at it
     *
     * @return list<string> what went
     */
    public function tidy(int $before): array
    {
        $this->connection->executeStatement('DELETE FROM shop_change WHERE made_at < ?', [date('Y-m-d H:i:s', $before - self::UNDO_S)]);
        $gone = [];
        foreach ((array) glob($this->shopData.'/files/jobs/*/*', \GLOB_ONLYDIR) as $folder) {
            $folder = (string) $folder;
            $path = substr($folder, \strlen($this->shopData.'/files/'));
            if (filemtime($folder) < $before && !$this->isNeeded($path)) {
                $this->files->removeFolder($path);
                $gone[] = $path;
            }
        }
        foreach ([...(array) glob($this->shopData.'/files/*/*.part'), ...(array) glob($this->shopData.'/files/jobs/*/*/*.part')] as $file) {
            $file = (string) $file;
            if (filemtime($file) < $before) {
                unlink($file);
                $gone[] = substr($file, \strlen($this->shopData.'/files/'));
            }
        }

        return $gone;
    }

    /** Whether a job, or a change that can be taken back or done again, or work under way names it. */
    private function isNeeded(string $path): bool
    {
        $kept = json_encode($path);
        foreach ([
            'SELECT COUNT(*) FROM job WHERE separation_path = :path OR films_path = :path' => $path,
            'SELECT COUNT(*) FROM shop_change WHERE instr("rows", :path) > 0' => $kept,
            'SELECT COUNT(*) FROM task WHERE state IN (\'waiting\', \'working\') AND :path LIKE \'%-\' || id' => $path,
        ] as $sql => $named) {
            $count = $this->connection->fetchOne($sql, ['path' => $named]);
            if (is_numeric($count) && (int) $count > 0) {
                return true;
            }
        }

        return false;
    }
}
