<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Shop\Backup\ShopBackup;
use Ektype\App\Shop\Backup\ShopRestore;
use Ektype\App\Shop\Backup\ShopVersion;
use Ektype\App\Shop\Backup\UnusableBackup;
use Symfony\Component\Filesystem\Filesystem;

/** A shop that burned down is opened again from its backup, and a bad backup never takes the place of a good shop. */
final class BackupTest extends ShopTestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/ektype-backup-'.getmypid();
        (new Filesystem())->remove($this->folder);
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
        parent::tearDown();
    }

    public function testAShopComesBackWholeFromItsBackup(): void
    {
        $this->twoDotsOnFrames();
        $count = $this->backup()->write($this->folder.'/shop.zip');
        self::assertSame(['shop.zip'], array_values(array_diff((array) scandir($this->folder), ['.', '..'])), 'nothing is left beside it');
        self::assertSame($count, $this->restore()->into($this->folder.'/again', $this->folder.'/shop.zip'));
        self::assertSame(self::everything(self::data()), self::everything($this->folder.'/again'));
        self::assertSame('0', decoct((int) fileperms($this->folder.'/again') & 0o077), 'its owner’s alone');
        self::assertFileDoesNotExist($this->folder.'/again.part');
    }

    public function testWhatIsWrittenMeanwhileIsInTheNextOne(): void
    {
        $id = $this->twoDotsSeparated();
        $this->connection()->beginTransaction();
        $this->connection()->executeStatement("UPDATE job SET name = 'Half done'");
        $other = new \PDO('sqlite:'.self::data().'/shop.db');
        $other->exec("VACUUM INTO '".$this->folder."/copy.db'");
        $this->connection()->rollBack();
        $seen = (new \PDO('sqlite:'.$this->folder.'/copy.db'))->query("SELECT name FROM job WHERE id = $id");
        self::assertNotFalse($seen);
        self::assertNotSame('Half done', $seen->fetchColumn());
    }

    public function testABackupNeverTakesThePlaceOfAFileOrAShop(): void
    {
        $this->twoDotsSeparated();
        $this->backup()->write($this->folder.'/shop.zip');
        $this->refused('another name', fn () => $this->backup()->write($this->folder.'/shop.zip'));
        $this->refused('is not there', fn () => $this->backup()->write($this->folder.'/nowhere/shop.zip'));
        mkdir($this->folder.'/full');
        file_put_contents($this->folder.'/full/shop.db', 'mine');
        $this->refused('a shop in that folder', fn () => $this->restore()->into($this->folder.'/full', $this->folder.'/shop.zip'));
        self::assertSame('mine', file_get_contents($this->folder.'/full/shop.db'));
    }

    public function testADamagedBackupOpensNothing(): void
    {
        $this->twoDotsSeparated();
        $this->backup()->write($this->folder.'/shop.zip');
        $whole = (string) file_get_contents($this->folder.'/shop.zip');

        file_put_contents($this->folder.'/cut.zip', substr($whole, 0, intdiv(\strlen($whole), 2)));
        $this->refused('cut off', fn () => $this->restore()->into($this->folder.'/new', $this->folder.'/cut.zip'));
        file_put_contents($this->folder.'/text.zip', 'no backup');
        $this->refused('no backup of a shop', fn () => $this->restore()->into($this->folder.'/new', $this->folder.'/text.zip'));
        $this->refused('no backup of a shop', fn () => $this->restore()->into($this->folder.'/new', $this->folder.'/not-there.zip'));

        $this->altered(static fn (\ZipArchive $zip) => $zip->addFromString(self::aFileIn($zip), 'something else'));
        $this->refused('damaged at files/', fn () => $this->restore()->into($this->folder.'/new', $this->folder.'/altered.zip'));
        $this->altered(static fn (\ZipArchive $zip) => $zip->deleteName(self::aFileIn($zip)));
        $this->refused('damaged at files/', fn () => $this->restore()->into($this->folder.'/new', $this->folder.'/altered.zip'));
        $this->altered(static fn (\ZipArchive $zip) => $zip->deleteName('manifest.json'));
        $this->refused('no manifest', fn () => $this->restore()->into($this->folder.'/new', $this->folder.'/altered.zip'));
        self::assertFileDoesNotExist($this->folder.'/new');
        self::assertFileDoesNotExist($this->folder.'/new.part');
    }

    public function testOneFlippedBitIsDamageAndBlocksNoOtherBackup(): void
    {
        $this->twoDotsSeparated();
        $this->backup()->write($this->folder.'/shop.zip');
        $whole = (string) file_get_contents($this->folder.'/shop.zip');
        $zip = new \ZipArchive();
        $zip->open($this->folder.'/shop.zip');
        $name = self::aFileIn($zip);
        $zip->close();
        // In the middle of the packed bytes of one plate, which begin behind its name.
        $damaged = $whole;
        $at = (int) strpos($damaged, $name) + \strlen($name) + 60;
        $damaged[$at] = \chr(\ord($damaged[$at]) ^ 16);
        file_put_contents($this->folder.'/flipped.zip', $damaged);
        $this->refused('damaged at '.$name, fn () => $this->restore()->into($this->folder.'/new', $this->folder.'/flipped.zip'));
        self::assertSame([], (array) glob($this->folder.'/new*'), 'nothing is left that would stand in the way');
        // What a start has left in the folder is no shop.
        mkdir($this->folder.'/new');
        touch($this->folder.'/new/ektype-2026-12.log');
        $this->restore()->into($this->folder.'/new', $this->folder.'/shop.zip');
        self::assertFileExists($this->folder.'/new/shop.db');
    }

    public function testTheNextBackupAndRestoreWorkAfterOnesThatWereKilled(): void
    {
        $this->twoDotsSeparated();
        foreach (['shop.zip.part', 'shop.zip.db.part', 'shop.zip.part.aB3xYz', 'shop.zip.db.part-journal'] as $left) {
            file_put_contents($this->folder.'/'.$left, 'half');
        }
        mkdir($this->folder.'/new.part');
        file_put_contents($this->folder.'/new.part/shop.db', 'half');
        $this->backup()->write($this->folder.'/shop.zip');
        $this->restore()->into($this->folder.'/new', $this->folder.'/shop.zip');
        self::assertSame(['new', 'shop.zip'], array_values(array_diff((array) scandir($this->folder), ['.', '..'])));
    }

    public function testTwoBackupsAtOnceDoNotWriteIntoEachOther(): void
    {
        $this->twoDotsSeparated();
        $other = fopen(self::data().'/backup.lock', 'c');
        self::assertNotFalse($other);
        self::assertTrue(flock($other, \LOCK_EX));
        $this->refused('being written already', fn () => $this->backup()->write($this->folder.'/shop.zip'));
        fclose($other);
        $this->backup()->write($this->folder.'/shop.zip');
    }

    public function testABackupCannotWriteOutsideItsFolder(): void
    {
        $this->twoDotsSeparated();
        $this->backup()->write($this->folder.'/shop.zip');
        foreach (['../evil', 'files/../../evil', '/etc/evil', 'files/a b', 'other/x'] as $path) {
            $this->altered(static function (\ZipArchive $zip) use ($path): void {
                $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
                $manifest['files'][] = ['path' => $path, 'bytes' => 1, 'sha256' => hash('sha256', 'x')];
                $zip->addFromString('manifest.json', (string) json_encode($manifest));
                $zip->addFromString($path, 'x');
            });
            $this->refused('does not belong to a shop', fn () => $this->restore()->into($this->folder.'/new', $this->folder.'/altered.zip'));
        }
        self::assertFileDoesNotExist($this->folder.'/evil');
    }

    public function testANewerShopIsLeftAlone(): void
    {
        $version = new ShopVersion(\dirname(__DIR__, 2));
        $version->mustKnow(self::data().'/shop.db');
        $this->connection()->insert('migration', ['version' => 'Ektype\App\Migrations\Version29991231000000']);
        self::assertSame(['Version29991231000000'], $version->unknownIn(self::data().'/shop.db'));
        $this->backup()->write($this->folder.'/newer.zip');
        $this->refused('newer Ektype', fn () => $this->restore()->into($this->folder.'/new', $this->folder.'/newer.zip'));
        $this->refused('newer Ektype', static fn () => $version->mustKnow(self::data().'/shop.db'));
        file_put_contents($this->folder.'/no.db', 'no database');
        $this->refused('not the database of a shop', fn () => $version->mustKnow($this->folder.'/no.db'));
    }

    /** @param \Closure(): mixed $do */
    private function refused(string $words, \Closure $do): void
    {
        try {
            $do();
            self::fail("It was taken, where “{$words}” was expected.");
        } catch (UnusableBackup $refused) {
            self::assertStringContainsString($words, $refused->getMessage());
        }
    }

    /** @param \Closure(\ZipArchive): mixed $how */
    private function altered(\Closure $how): void
    {
        copy($this->folder.'/shop.zip', $this->folder.'/altered.zip');
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($this->folder.'/altered.zip'));
        $how($zip);
        $zip->close();
    }

    private static function aFileIn(\ZipArchive $zip): string
    {
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $name = (string) $zip->getNameIndex($i);
            if (str_ends_with($name, '.plane')) {
                return $name;
            }
        }
        self::fail('There are no plates in the backup.');
    }

    /** @return array<string, mixed> all rows of all tables, and all files by their checksum */
    private static function everything(string $shop): array
    {
        $all = [];
        $database = new \PDO('sqlite:'.$shop.'/shop.db');
        $tables = $database->query("SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name");
        self::assertNotFalse($tables);
        foreach ($tables->fetchAll(\PDO::FETCH_COLUMN) as $table) {
            $rows = $database->query("SELECT * FROM \"$table\"");
            self::assertNotFalse($rows);
            $all['table '.$table] = $rows->fetchAll(\PDO::FETCH_ASSOC);
        }
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($shop.'/files', \FilesystemIterator::SKIP_DOTS)) as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            $all['file '.substr($file->getPathname(), \strlen($shop))] = hash_file('sha256', $file->getPathname());
        }
        ksort($all);

        return $all;
    }

    private function backup(): ShopBackup
    {
        return new ShopBackup($this->connection(), self::data());
    }

    private function restore(): ShopRestore
    {
        return new ShopRestore(new ShopVersion(\dirname(__DIR__, 2)));
    }
}
