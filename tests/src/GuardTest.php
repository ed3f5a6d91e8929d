<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Api\Guard\OwnPages;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;
use Symfony\Component\HttpKernel\KernelInterface;

/** A page of the net that is open in another tab can neither change the shop nor read it. */
final class GuardTest extends ShopTestCase
{
    /** @param array<string, string> $headers */
    #[DataProvider('foreign')]
    public function testAForeignPageChangesNothing(array $headers, int $status): void
    {
        $before = $this->inks();
        // What a hidden form of another page sends: no question asked before, the browser's own headers.
        $this->send('POST', '/api/shop/inks', $headers + ['HTTP_X_PAGE' => null]);
        self::assertSame($status, $this->browser->getResponse()->getStatusCode());
        self::assertSame('application/problem+json', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertSame($before, $this->inks());
    }

    /** @return iterable<string, array{array<string, string>, int}> */
    public static function foreign(): iterable
    {
        $json = ['CONTENT_TYPE' => 'application/json'];
        yield 'a form' => [['CONTENT_TYPE' => 'text/plain', 'HTTP_ORIGIN' => 'https://example.org'], 403];
        yield 'a script' => [$json + ['HTTP_ORIGIN' => 'https://example.org'], 403];
        yield 'a page without origin' => [$json + ['HTTP_ORIGIN' => 'null'], 403];
        yield 'another port of this machine' => [$json + ['HTTP_ORIGIN' => 'http://localhost:3000'], 403];
        yield 'the same name, unencrypted or not' => [$json + ['HTTP_ORIGIN' => 'https://localhost'], 403];
        yield 'a browser that says only where from' => [$json + ['HTTP_SEC_FETCH_SITE' => 'cross-site'], 403];
        yield 'a neighbour' => [$json + ['HTTP_SEC_FETCH_SITE' => 'same-site'], 403];
        yield 'our origin from elsewhere' => [$json + ['HTTP_ORIGIN' => 'http://localhost', 'HTTP_SEC_FETCH_SITE' => 'cross-site'], 403];
        yield 'an old browser that says nothing' => [['CONTENT_TYPE' => 'application/x-www-form-urlencoded'], 403];
        yield 'a form that carries files' => [['CONTENT_TYPE' => 'multipart/form-data; boundary=x'], 403];
        yield 'JSON that calls itself text' => [['CONTENT_TYPE' => 'text/plain', 'HTTP_X_PAGE' => 'mine'], 415];
        yield 'another name for this machine' => [$json + ['HTTP_HOST' => 'shop.example.org'], 421];
        yield 'a name that ends like ours' => [$json + ['HTTP_HOST' => 'localhost.example.org'], 421];
    }

    /** @param array<string, string|null> $headers */
    #[DataProvider('own')]
    public function testTheShopsOwnPagesAndProgramsComeIn(array $headers): void
    {
        $this->send('POST', '/api/shop/inks', $headers + ['CONTENT_TYPE' => 'application/json']);
        self::assertSame(201, $this->browser->getResponse()->getStatusCode(), (string) $this->browser->getResponse()->getContent());
    }

    /** @return iterable<string, array{array<string, string|null>}> */
    public static function own(): iterable
    {
        yield 'a page of the shop' => [['HTTP_ORIGIN' => 'http://localhost', 'HTTP_SEC_FETCH_SITE' => 'same-origin']];
        yield 'by number, with its port' => [['HTTP_HOST' => '127.0.0.1:8080', 'HTTP_ORIGIN' => 'http://127.0.0.1:8080']];
        yield 'by the newer number' => [['HTTP_HOST' => '[::1]:8080', 'HTTP_ORIGIN' => 'http://[::1]:8080']];
        yield 'a program that sends JSON' => [['HTTP_X_PAGE' => null]];
    }

    public function testNamesThatTheOwnerGivesAreAnswered(): void
    {
        $guard = static fn (string $names): OwnPages => new OwnPages($names);
        $ask = static fn (string $host): RequestEvent => new RequestEvent(
            self::bootedKernel(),
            Request::create('http://'.$host.'/api/jobs'),
            HttpKernelInterface::MAIN_REQUEST,
        );
        $guard('Lantern.local, press-room')($ask('lantern.local:8080'));
        $guard('Lantern.local, press-room')($ask('press-room'));
        $this->expectExceptionMessage('does not answer under this name');
        $guard('')($ask('lantern.local'));
    }

    public function testEveryAnswerTellsTheBrowserWhatItMayDo(): void
    {
        foreach (['/api/jobs', '/api/jobs/4711', '/api/trade'] as $path) {
            $this->browser->request('GET', $path);
            $headers = $this->browser->getResponse()->headers;
            self::assertStringContainsString("frame-ancestors 'none'", (string) $headers->get('Content-Security-Policy'), $path);
            self::assertStringContainsString("default-src 'none'", (string) $headers->get('Content-Security-Policy'));
            self::assertStringNotContainsString("script-src 'self' 'unsafe", (string) $headers->get('Content-Security-Policy'));
            self::assertSame(['nosniff', 'same-origin', null], [
                $headers->get('X-Content-Type-Options'),
                $headers->get('Referrer-Policy'),
                $headers->get('X-Powered-By'),
            ]);
        }
        // A drawing that was brought has rules of its own, stricter ones.
        $id = $this->bring(self::twoDots())['id'];
        $this->browser->request('GET', "/api/jobs/$id/art");
        self::assertStringContainsString('sandbox', (string) $this->browser->getResponse()->headers->get('Content-Security-Policy'));
    }

    public function testTheShopsFilesAreItsOwnersAlone(): void
    {
        $this->bring(self::twoDots());
        $this->work();
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::data(), \FilesystemIterator::SKIP_DOTS));
        $seen = 0;
        foreach ($files as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            if ($file->getFilename() !== 'shop.db' && !str_starts_with($file->getFilename(), 'shop.db-')) {
                self::assertSame('0', decoct($file->getPerms() & 0o077), $file->getPathname());
                ++$seen;
            }
        }
        self::assertGreaterThan(3, $seen);
    }

    private static function bootedKernel(): KernelInterface
    {
        return self::$kernel ?? self::bootKernel();
    }

    /** @param array<string, string|null> $headers */
    private function send(string $method, string $path, array $headers): void
    {
        foreach ($headers as $name => $value) {
            $value === null ? $this->browser->setServerParameter($name, '') : $this->browser->setServerParameter($name, $value);
        }
        $this->browser->request(
            $method,
            $path,
            [],
            [],
            array_filter($headers, static fn (?string $v): bool => $v !== null),
            json_encode(['name' => 'Slipped in', 'hex' => '#c03030'], \JSON_THROW_ON_ERROR),
        );
    }

    /** @return list<string> */
    private function inks(): array
    {
        $connection = self::getContainer()->get('doctrine.dbal.default_connection');
        self::assertInstanceOf(\Doctrine\DBAL\Connection::class, $connection);

        return array_map(static fn (mixed $name): string => \is_string($name) ? $name : '', $connection->fetchFirstColumn('SELECT name FROM ink ORDER BY id'));
    }
}
