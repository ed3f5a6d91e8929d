<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Backup;

use Doctrine\DBAL\Connection;
use Ektype\App\Shop\Folder\DiskRoom;

/**
 * The whole shop as one ZIP: its database as it stands at one moment, its files, and a manifest with their checksums. The
 * shop stays open meanwhile: the database is copied by SQLite itself, and files are never changed once they are written.
 */
final readonly class ShopBackup
{
    public const MANIFEST = 'manifest.json';
    public const FORMAT = 1;
    public const DATABASE = 'shop.db';

    public function __construct(private Connection $connection, private string $shopData)
    {
    }

    /**
     * @return int how many files went in
     *
     * @throws UnusableBackup where it cannot be written whole
     */
    public function write(string $file): int
    {
        if (file_exists($file)) {
            throw UnusableBackup::at('file', \sprintf('There is a file %s already, and it stays as it is. Give the backup another name.', basename($file)));
        }
        if (!is_dir(\dirname($file)) || !is_writable(\dirname($file))) {
            throw UnusableBackup::at('file', 'The folder for the backup is not there, or may not be written. Make it first, or choose another.');
        }
        $held = $this->alone();
        $copy = $file.'.db.part';
        $part = $file.'.part';
        // One that was killed in the middle left its parts; they are of no use to anybody.
        self::clear($file);
        $this->mustFit(\dirname($file));
        try {
            $this->connection->executeStatement('VACUUM INTO ?', [$copy]);
            $paths = [self::DATABASE => $copy] + $this->files();
            $this->zip($part, $paths);
            rename($part, $file);

            return \count($paths);
        } finally {
            self::clear($file);
            fclose($held);
        }
    }

    /**
     * @return resource held until it is closed, or this process ends
     *
     * @throws UnusableBackup while another backup is being written
     */
    private function alone()
    {
        $lock = @fopen($this->shopData.'/backup.lock', 'c');
        if ($lock === false || !flock($lock, \LOCK_EX | \LOCK_NB)) {
            throw UnusableBackup::at('file', 'A backup of this shop is being written already. Wait for it, then look whether you need another.');
        }

        return $lock;
    }

    private static function clear(string $file): void
    {
        foreach ((array) glob(addcslashes($file, '*?[]\\').'{.db.part*,.part*}', \GLOB_BRACE) as $left) {
            @unlink((string) $left);
        }
    }

    /** @throws UnusableBackup where its disk has no room for what the shop holds */
    private function mustFit(string $folder): void
    {
        $needs = (int) filesize($this->shopData.'/'.self::DATABASE) * 2 + array_sum(array_map(static fn (string $path): int => (int) filesize($path), $this->files()));
        $left = (int) disk_free_space($folder);
        if ($left < $needs) {
            throw UnusableBackup::at('file', \sprintf('There is no room for the backup: it may need %s, and %s are left on the disk that holds %s. Make room, or choose another disk.', DiskRoom::amount($needs), DiskRoom::amount($left), $folder));
        }
    }

    /** @return array<string, string> path in the backup => path here */
    private function files(): array
    {
        $files = [];
        $root = $this->shopData.'/files';
        if (is_dir($root)) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $one) {
                if ($one instanceof \SplFileInfo && $one->isFile() && !str_ends_with($one->getFilename(), '.part')) {
                    $files['files'.substr($one->getPathname(), \strlen($root))] = $one->getPathname();
                }
            }
        }
        ksort($files);

        return $files;
    }

    /** @param array<string, string> $paths */
    private function zip(string $part, array $paths): void
    {
        $zip = new \ZipArchive();
        if ($zip->open($part, \ZipArchive::CREATE | \ZipArchive::OVERWRITE) !== true) {
            throw UnusableBackup::at('file', 'The backup could not be begun. Is the disk full, or the folder not yours?');
        }
        $listed = [];
        foreach ($paths as $path => $here) {
            $listed[] = ['path' => $path, 'bytes' => (int) filesize($here), 'sha256' => (string) hash_file('sha256', $here)];
            $zip->addFile($here, $path);
            if (str_ends_with($path, '.png') || str_ends_with($path, '.zip')) {
                $zip->setCompressionName($path, \ZipArchive::CM_STORE);
            }
        }
        $zip->addFromString(self::MANIFEST, json_encode([
            'what' => 'backup of a shop by Ektype',
            'format' => self::FORMAT,
            'made_at' => date(\DATE_ATOM),
            'files' => $listed,
        ], \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES));
        if (!@$zip->close()) {
            throw UnusableBackup::at('file', \sprintf('The backup could not be written whole, so none was kept. %s are left on the disk that holds %s.', DiskRoom::amount((int) disk_free_space(\dirname($part))), \dirname($part)));
        }
    }
}
