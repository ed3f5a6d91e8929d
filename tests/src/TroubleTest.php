<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Shop\Folder\DiskRoom;

/** A full disk, a held database, a lost file: told in words, nothing half-written, and mended by a touch. */
final class TroubleTest extends ShopTestCase
{
    public function testAFullDiskIsSaidAndNothingIsHalfWritten(): void
    {
        $id = $this->twoDotsSeparated();
        $before = $this->ask('GET', "/api/jobs/$id");
        // SQLite’s own limit stands in for the disk: it complains in the same words.
        $pages = $this->connection()->fetchOne('PRAGMA page_count');
        $this->connection()->executeQuery('PRAGMA max_page_count = '.(is_numeric($pages) ? (int) $pages : 0));
        $problem = $this->ask('PATCH', "/api/jobs/$id", ['notes' => substr(bin2hex(random_bytes(1000)), 0, 1900)], 507);
        self::assertMatchesRegularExpression('/no room to write it down, \d+ [MG]B left on the disk that holds/', $problem['detail']);
        $this->anew();
        $after = $this->ask('GET', "/api/jobs/$id");
        self::assertSame([$before['quantity'], $before['notes']], [$after['quantity'], $after['notes']]);
        $this->ask('PATCH', "/api/jobs/$id/order", ['quantity' => 12]);
    }

    public function testRoomIsToldInWholeUnits(): void
    {
        self::assertSame('499 MB', DiskRoom::amount(499_999_999));
        self::assertSame('9999 MB', DiskRoom::amount(9_999_999_999));
        self::assertSame('10 GB', DiskRoom::amount(10_999_999_999));
        $room = new DiskRoom(self::data());
        self::assertEqualsWithDelta(disk_free_space(self::data()), $room->left(), 50e6);
    }

    public function testAHeldDatabaseIsBusyAndNotAFault(): void
    {
        $id = $this->twoDotsSeparated();
        $this->connection()->executeStatement('PRAGMA busy_timeout = 100');
        $other = new \PDO('sqlite:'.self::data().'/shop.db');
        $other->exec('BEGIN IMMEDIATE');
        $problem = $this->ask('PATCH', "/api/jobs/$id/order", ['quantity' => 12], 503);
        self::assertStringContainsString('busy', $problem['detail']);
        self::assertGreaterThan(0, (int) $this->browser->getResponse()->headers->get('Retry-After'));
        $this->ask('GET', "/api/jobs/$id");
        $other->exec('ROLLBACK');
        $this->ask('PATCH', "/api/jobs/$id/order", ['quantity' => 12]);
    }

    public function testALostPlateIsSaidAndMadeAnewByATouch(): void
    {
        $id = $this->twoDotsOnFrames();
        $folder = self::data().'/files/'.$this->path($id, 'separation_path');
        unlink($folder.'/1.cover');
        $this->browser->request('GET', "/api/jobs/$id/pull/3.png");
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString('1.cover', (string) $this->browser->getResponse()->getContent());
        $next = $this->next($id);
        self::assertStringContainsString('1.cover', $next['sentence']);
        self::assertSame('separate', $next['does']);
        $this->browser->request('POST', "/api/jobs/$id/separate");
        self::assertSame(202, $this->browser->getResponse()->getStatusCode());
        $this->work();
        self::assertStringNotContainsString('missing', $this->next($id)['sentence']);
        $this->browser->request('GET', "/api/jobs/$id/pull/3.png");
        self::assertSame(200, $this->browser->getResponse()->getStatusCode());
    }

    public function testAFilmThatIsCutOrDamagedIsNeverServedAsWhole(): void
    {
        $id = $this->twoDotsOnFrames();
        $film = self::data().'/files/'.$this->path($id, 'films_path').'/films.pdf';
        $whole = (string) file_get_contents($film);
        self::assertSame($whole, $this->film($id, 200));

        file_put_contents($film, substr($whole, 0, intdiv(\strlen($whole), 2)));
        self::assertStringContainsString('not as it was written', $this->film($id, 422));
        self::assertSame('films', $this->next($id)['does']);

        // One bit, at the same length: only its checksum tells.
        $damaged = $whole;
        $damaged[500] = \chr(\ord($damaged[500]) ^ 1);
        file_put_contents($film, $damaged);
        self::assertStringContainsString('not as it was written', $this->film($id, 422));

        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        $this->film($id, 200);
    }

    public function testAFolderOfPlatesThatIsGoneIsSaid(): void
    {
        $id = $this->twoDotsSeparated();
        (new \Symfony\Component\Filesystem\Filesystem())->remove(self::data().'/files/'.$this->path($id, 'separation_path'));
        self::assertStringContainsString('Files of the plates are missing', $this->next($id)['sentence']);
        foreach (['pull/1.png', 'costs', 'loupe.png?xMm=0&yMm=0&mm=10'] as $path) {
            $this->browser->request('GET', "/api/jobs/$id/$path");
            self::assertLessThan(500, $this->browser->getResponse()->getStatusCode(), $path.': '.$this->browser->getResponse()->getContent());
        }
    }

    /** The next request is another process’s, with a connection of its own. */
    private function anew(): void
    {
        $registry = self::getContainer()->get('doctrine');
        self::assertInstanceOf(\Doctrine\Persistence\ManagerRegistry::class, $registry);
        $this->connection()->close();
        $registry->resetManager();
    }

    /** @return array<mixed> what the head says must be done next, which stands whatever a bench has lost */
    private function next(int $id): array
    {
        $this->browser->request('GET', "/api/jobs/$id");
        self::assertSame(200, $this->browser->getResponse()->getStatusCode());
        $head = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertIsArray($head['next'] ?? null);

        return $head['next'];
    }

    private function film(int $id, int $status): string
    {
        $this->browser->request('GET', "/api/jobs/$id/films/films.pdf");
        self::assertSame($status, $this->browser->getResponse()->getStatusCode());

        return (string) $this->browser->getResponse()->getContent();
    }

    private function path(int $id, string $column): string
    {
        $path = $this->connection()->fetchOne("SELECT $column FROM job WHERE id = $id");
        self::assertIsString($path);

        return $path;
    }
}
