<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Shop\Backup\ShopVersion;
use Ektype\App\Shop\Folder\ShopFolder;
use Ektype\App\Shop\Folder\UnfitFolder;
use Symfony\Component\Filesystem\Filesystem;

/** A folder whose database is lost, emptied or another's is not opened, and stays as it is to the last file. */
final class ShopFolderTest extends ShopTestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->twoDotsSeparated();
        $this->folder = sys_get_temp_dir().'/ektype-folder-'.getmypid();
        $files = new Filesystem();
        $files->remove($this->folder);
        $files->mirror(self::data(), $this->folder);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
        parent::tearDown();
    }

    public function testItsOwnDatabaseOpensIt(): void
    {
        self::assertTrue($this->look());
        unlink($this->folder.'/shop.id');
        self::assertTrue($this->look(), 'a folder from before there were numbers');
        (new ShopFolder(new ShopVersion(\dirname(__DIR__, 2)), $this->folder))->join();
        self::assertFileEquals(self::data().'/shop.id', $this->folder.'/shop.id');
    }

    public function testANewFolderIsNewAndAnEmptyDatabaseWithoutFilesToo(): void
    {
        (new Filesystem())->remove($this->folder);
        mkdir($this->folder);
        self::assertFalse($this->look());
        touch($this->folder.'/shop.db');
        self::assertFalse($this->look());
    }

    public function testFilesWithoutADatabaseAreNotOpened(): void
    {
        foreach ([static fn (string $db) => unlink($db), static fn (string $db) => file_put_contents($db, '')] as $lose) {
            $lose($this->folder.'/shop.db');
            $said = $this->refused();
            self::assertMatchesRegularExpression('/lie \d+ files of a shop/', $said);
            foreach (['Put the database back', './ektype restore', 'begin afresh beside it'] as $way) {
                self::assertStringContainsString($way, $said);
            }
        }
        // What was in its journal is no database either.
        unlink($this->folder.'/shop.db');
        touch($this->folder.'/shop.db-wal');
        $this->refused();
    }

    public function testTheDatabaseOfAnotherShopIsNotOpened(): void
    {
        $this->sql('UPDATE shop_identity SET id = ?', bin2hex(random_bytes(16)));
        self::assertStringContainsString('not the one that these files belong to', $this->refused());
    }

    public function testAnOlderDatabaseOfItsOwnIsKnownByWhatItNames(): void
    {
        $this->sql('DELETE FROM shop_identity WHERE ?', '1');
        self::assertTrue($this->look());
        $this->sql('UPDATE job SET separation_path = ?', 'jobs/4711/separation-1');
        $this->refused();
    }

    public function testWhatIsNoDatabaseIsSaidToBeNone(): void
    {
        file_put_contents($this->folder.'/shop.db', 'no database at all');
        self::assertStringContainsString('not the database of a shop', $this->refused());
    }

    private function look(): bool
    {
        return (new ShopFolder(new ShopVersion(\dirname(__DIR__, 2)), $this->folder))->look();
    }

    private function refused(): string
    {
        $before = $this->files();
        try {
            $this->look();
        } catch (UnfitFolder|\Ektype\App\Shop\Backup\UnusableBackup $refused) {
            self::assertSame($before, $this->files());

            return $refused->getMessage();
        }
        self::fail('It was opened.');
    }

    /** @return list<string> */
    private function files(): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($this->folder, \FilesystemIterator::SKIP_DOTS)) as $one) {
            self::assertInstanceOf(\SplFileInfo::class, $one);
            $files[] = $one->getPathname();
        }
        sort($files);

        return $files;
    }

    private function sql(string $sql, string $value): void
    {
        (new \PDO('sqlite:'.$this->folder.'/shop.db'))->prepare($sql)->execute([$value]);
    }
}
