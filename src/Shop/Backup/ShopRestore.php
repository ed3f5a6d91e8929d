<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Backup;

use Ektype\App\Shop\Folder\DiskRoom;
use Symfony\Component\Filesystem\Filesystem;

/** Opens a backup into a new folder: looked at whole before anything is put in place. */
final readonly class ShopRestore
{
    private const PIECE = 1 << 20;

    public function __construct(private ShopVersion $version)
    {
    }

    /**
     * @return int how many files came out
     *
     * @throws UnusableBackup where the backup is damaged, made by a newer program, or the folder is a shop already
     */
    public function into(string $folder, string $file): int
    {
        if (self::isUsed($folder)) {
            throw UnusableBackup::at('into', 'There is a shop in that folder already, and it stays as it is. Give a new folder, or move the old one away first.');
        }
        $part = rtrim($folder, '/').'.part';
        $files = new Filesystem();
        $files->remove($part);
        $files->mkdir($part, 0o700);
        try {
            $count = self::unpack($file, $part);
            $this->version->mustKnow($part.'/'.ShopBackup::DATABASE);
            $files->remove($folder);
            $files->rename($part, $folder);

            return $count;
        } finally {
            $files->remove($part);
        }
    }

    /** A log that a start left behind is no shop. */
    private static function isUsed(string $folder): bool
    {
        foreach (is_dir($folder) ? new \FilesystemIterator($folder) : [] as $one) {
            if ($one instanceof \SplFileInfo && !($one->isFile() && $one->getExtension() === 'log')) {
                return true;
            }
        }

        return false;
    }

    private static function unpack(string $file, string $part): int
    {
        $zip = new \ZipArchive();
        if (!is_file($file) || $zip->open($file, \ZipArchive::RDONLY) !== true) {
            throw UnusableBackup::at('file', 'This is no backup of a shop, or it is cut off. Take another one.');
        }
        $listed = self::listed($zip);
        foreach ($listed as $path => $sum) {
            $from = $zip->getStream($path);
            if ($from === false) {
                throw self::damaged($path);
            }
            (new Filesystem())->mkdir(\dirname($part.'/'.$path), 0o700);
            $to = fopen($part.'/'.$path, 'w');
            if ($to === false) {
                throw self::noRoom($part);
            }
            // Read and written apart: a damaged backup is not a full disk.
            while (!feof($from)) {
                $piece = @fread($from, self::PIECE);
                if ($piece === false) {
                    throw self::damaged($path);
                }
                if (@fwrite($to, $piece) !== \strlen($piece)) {
                    throw self::noRoom($part);
                }
            }
            fclose($from);
            fclose($to);
            if (hash_file('sha256', $part.'/'.$path) !== $sum) {
                throw self::damaged($path);
            }
        }

        return \count($listed);
    }

    /** @return array<string, string> path => checksum */
    private static function listed(\ZipArchive $zip): array
    {
        $manifest = json_decode((string) $zip->getFromName(ShopBackup::MANIFEST), true);
        if (!\is_array($manifest) || !\is_array($manifest['files'] ?? null)) {
            throw UnusableBackup::at('file', 'This is no backup of a shop: it has no manifest. Take a file that “./ektype backup” made.');
        }
        if (($manifest['format'] ?? null) !== ShopBackup::FORMAT) {
            throw UnusableBackup::at('file', 'This backup was made by a newer Ektype than this one. Bring this program up to date, then open it.');
        }
        $listed = [];
        foreach ($manifest['files'] as $one) {
            $path = \is_array($one) && \is_string($one['path'] ?? null) ? $one['path'] : '';
            $sum = \is_array($one) && \is_string($one['sha256'] ?? null) ? $one['sha256'] : '';
            if (preg_match('#^(shop\.db|files(/[\w.-]+)+)$#', $path) !== 1 || str_contains($path, '..')) {
                throw UnusableBackup::at('file', 'The backup names a file that does not belong to a shop, so none of it was opened. Do not trust it.');
            }
            $listed[$path] = $sum;
        }
        if (!isset($listed[ShopBackup::DATABASE])) {
            throw UnusableBackup::at('file', 'The backup has no database, so there is no shop in it. Take another one.');
        }

        return $listed;
    }

    private static function noRoom(string $part): UnusableBackup
    {
        return UnusableBackup::at('into', \sprintf('The files could not be written: %s are left on the disk that holds %s. Make room, or restore into a folder on another disk.', DiskRoom::amount((int) disk_free_space($part)), $part));
    }

    private static function damaged(string $path): UnusableBackup
    {
        return UnusableBackup::at('file', \sprintf('The backup is damaged at %s, so nothing was opened. Take another one.', $path));
    }
}
