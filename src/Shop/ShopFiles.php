<?php

declare(strict_types=1);

namespace Ektype\App\Shop;

use Ektype\App\Shop\Written\DamagedFile;
use League\Flysystem\Filesystem;
use League\Flysystem\Local\LocalFilesystemAdapter;
use League\Flysystem\UnableToReadFile;

/** The shop's files. A file is written under another name and then renamed, so none is ever half there. */
final readonly class ShopFiles
{
    public function __construct(private Filesystem $files)
    {
    }

    public static function filesystem(string $folder): Filesystem
    {
        return new Filesystem(new LocalFilesystemAdapter($folder));
    }

    public static function in(string $folder): self
    {
        return new self(self::filesystem($folder));
    }

    public function put(string $path, string $contents): void
    {
        $unfinished = $path.'.part';
        $this->files->write($unfinished, $contents);
        $this->files->move($unfinished, $path);
    }

    public function read(string $path): string
    {
        try {
            return $this->files->read($path);
        } catch (UnableToReadFile) {
            throw DamagedFile::because(\sprintf('A file of this shop is missing: %s. Nothing that you decided is lost. Draw the plates again where it is a plate, write the films again where it is a film, bring the picture again where it is art.', $path));
        }
    }

    public function has(string $path): bool
    {
        return $this->files->fileExists($path);
    }

    /** Nothing happens where it is not there. */
    public function remove(string $path): void
    {
        if ($this->files->fileExists($path)) {
            $this->files->delete($path);
        }
    }

    public function removeFolder(string $path): void
    {
        $this->files->deleteDirectory($path);
    }
}
