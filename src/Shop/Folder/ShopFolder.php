<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Folder;

use Ektype\App\Shop\Backup\ShopVersion;

/**
 * What lies in the folder of a shop, before it is opened. Database and files belong together: both carry the same number,
 * and a folder with files and no database of theirs stays shut, so that nothing is taken for left over that is not.
 */
final readonly class ShopFolder
{
    private const NUMBER = 'shop.id';

    public function __construct(private ShopVersion $version, private string $shopData)
    {
    }

    /**
     * @return bool whether there is a shop; else the folder is new
     *
     * @throws UnfitFolder|\Ektype\App\Shop\Backup\UnusableBackup where it must not be opened
     */
    public function look(): bool
    {
        $database = $this->shopData.'/shop.db';
        if (!is_file($database) || filesize($database) === 0) {
            $this->mustBeNew(is_file($database));

            return false;
        }
        $this->version->mustKnow($database);
        $this->mustBelong(self::numberIn($database));

        return true;
    }

    /** Writes down in folder and database that they belong together. */
    public function join(): void
    {
        $shop = new \PDO('sqlite:'.$this->shopData.'/shop.db', null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        $shop->exec('PRAGMA busy_timeout = 8000');
        $number = self::numberIn($this->shopData.'/shop.db');
        if ($number === '') {
            $number = $this->number();
            $number = $number === '' ? bin2hex(random_bytes(16)) : $number;
            $shop->prepare('INSERT INTO shop_identity (id) SELECT ? WHERE NOT EXISTS (SELECT 1 FROM shop_identity)')->execute([$number]);
            $number = self::numberIn($this->shopData.'/shop.db');
        }
        if ($this->number() !== $number) {
            file_put_contents($this->shopData.'/'.self::NUMBER.'.part', $number."\n");
            rename($this->shopData.'/'.self::NUMBER.'.part', $this->shopData.'/'.self::NUMBER);
        }
    }

    /** @throws UnfitFolder */
    private function mustBeNew(bool $isEmptied): void
    {
        $files = $this->filesHere();
        if ($files === 0 && $this->number() === '') {
            return;
        }
        throw UnfitFolder::at('folder', \sprintf(
            "In %s lie %d files of a shop, but %s. It was not opened, and nothing was removed.\n"
            ."  Put the database back: it is called shop.db and belongs into that folder.\n"
            ."  Or open a backup: EKTYPE_DATA=%s-again ./ektype restore YOUR-BACKUP.zip, then EKTYPE_DATA=%s-again ./ektype start\n"
            .'  Or begin afresh beside it: EKTYPE_DATA=%s-new ./ektype start',
            $this->shopData,
            $files,
            $isEmptied ? 'its database shop.db is empty' : 'no database shop.db',
            $this->shopData,
            $this->shopData,
            $this->shopData,
        ));
    }

    /** @throws UnfitFolder where the database is another shop's */
    private function mustBelong(string $number): void
    {
        $here = $this->number();
        // A database from before shops had numbers is known by what it names; a folder from then, by its database.
        if ($here === '' || $number === $here || ($number === '' && $this->namesWhatIsHere())) {
            return;
        }
        throw UnfitFolder::at('folder', \sprintf(
            "The database shop.db in %s is not the one that these files belong to. It was not opened, and nothing was removed.\n"
            ."  Put the right database back, and this one into a folder of its own.\n"
            .'  If it is the right one and only the note of it is wrong, remove %s/%s and start again.',
            $this->shopData,
            $this->shopData,
            self::NUMBER,
        ));
    }

    private function namesWhatIsHere(): bool
    {
        try {
            $shop = new \PDO('sqlite:'.$this->shopData.'/shop.db', null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
            $named = $shop->query('SELECT separation_path FROM job WHERE separation_path IS NOT NULL');
            $paths = $named === false ? [] : $named->fetchAll(\PDO::FETCH_COLUMN);
        } catch (\PDOException) {
            return false;
        }
        $here = array_filter($paths, fn (mixed $path): bool => \is_string($path) && is_dir($this->shopData.'/files/'.$path));

        return \count($here) === \count($paths);
    }

    private function number(): string
    {
        return trim((string) @file_get_contents($this->shopData.'/'.self::NUMBER));
    }

    private static function numberIn(string $database): string
    {
        try {
            $shop = new \PDO('sqlite:'.$database, null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
            $asked = $shop->query('SELECT id FROM shop_identity');
            $number = $asked === false ? '' : $asked->fetchColumn();
        } catch (\PDOException) {
            return '';
        }

        return \is_string($number) ? $number : '';
    }

    private function filesHere(): int
    {
        if (!is_dir($this->shopData.'/files')) {
            return 0;
        }
        $all = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($this->shopData.'/files', \FilesystemIterator::SKIP_DOTS));

        return iterator_count(new \CallbackFilterIterator($all, static fn (mixed $one): bool => $one instanceof \SplFileInfo && $one->isFile()));
    }
}
