<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Backup;

use Doctrine\DBAL\Connection;

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
        $copy = $file.'.db.part';
        $part = $file.'.part';
        try {
            $this->connection->executeStatement('VACUUM INTO ?', [$copy]);
            $paths = [self::DATABASE => $copy] + $this->files();
            $this->zip($part, $paths);
            rename($part, $file);

            return \count($paths);
        } finally {
            foreach ([$copy, $part] as $left) {
                if (is_file($left)) {
                    unlink($left);
                }
            }
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
            throw UnusableBackup::at('file', 'The backup could not be written whole, so none was kept. Is the disk full?');
        }
    }
}
