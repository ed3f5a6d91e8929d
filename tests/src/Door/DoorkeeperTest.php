<?php

declare(strict_types=1);

namespace Ektype\Tests\App\Door;

use Ektype\Tests\App\ShopTestCase;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Filesystem\Filesystem;

/** Without the words nothing of the shop is answered, however its address is written. */
final class DoorkeeperTest extends ShopTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/ektype-door-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        file_put_contents($this->folder.'/passphrase', 'copper ferry linen');
        parent::setUp();
        $_SERVER['EKTYPE_DOOR'] = $_ENV['EKTYPE_DOOR'] = $this->folder;
    }

    protected function tearDown(): void
    {
        unset($_SERVER['EKTYPE_DOOR'], $_ENV['EKTYPE_DOOR']);
        (new Filesystem())->remove($this->folder);
        parent::tearDown();
    }

    #[DataProvider('addresses')]
    public function testTheShopIsShut(string $address): void
    {
        $this->browser->request('GET', $address);
        self::assertSame(401, $this->browser->getResponse()->getStatusCode(), (string) $this->browser->getResponse()->getContent());
    }

    /** @return iterable<array{string}> */
    public static function addresses(): iterable
    {
        yield ['/api/shop'];
        yield ['/%61pi/shop'];
        yield ['/api/%73hop'];
        yield ['/%61%70%69/jobs'];
        yield ['/api/sheets/rack.csv'];
    }

    public function testTheWordsOpenItAndTheQuestionIsOpenToAll(): void
    {
        self::assertSame(['asks' => true, 'letIn' => false], $this->ask('GET', '/api/door'));
        $this->ask('POST', '/api/door', ['phrase' => 'other words'], 422);
        $this->ask('POST', '/api/door', ['phrase' => 'Copper ferry  LINEN']);
        // The cookie goes over TLS alone.
        $this->browser->setServerParameter('HTTPS', 'on');
        self::assertNotSame([], $this->ask('GET', '/api/shop')['frames']);
    }

    public function testADeviceIsListedByItsNameAndSentAwayByItself(): void
    {
        $tablet = $this->letIn('Tablet at the press');
        $laptop = $this->letIn('Laptop');
        $seen = $this->ask('GET', '/api/devices');
        self::assertSame([['Laptop', true], ['Tablet at the press', false]], array_map(static fn (array $d): array => [$d['name'], $d['isThis']], $seen));
        $this->ask('DELETE', '/api/devices/'.$seen[1]['id']);
        $this->ask('GET', '/api/shop');
        $this->carry($tablet);
        $this->ask('GET', '/api/shop', expect: 401);
        $this->carry($laptop);
        $this->ask('GET', '/api/shop');
    }

    public function testItIsAskedAgainAfterNinetyDaysOfDisuseAndNotWhileItIsUsed(): void
    {
        $this->letIn('Tablet');
        // Used once a month for a year.
        for ($month = 0; $month < 12; ++$month) {
            $this->daysGoBy(30);
            $this->ask('GET', '/api/shop');
            $cookie = $this->browser->getResponse()->headers->getCookies()[0] ?? null;
            self::assertNotNull($cookie, 'it is carried on');
            self::assertEqualsWithDelta(time() + 90 * 86_400, $cookie->getExpiresTime(), 10);
        }
        $this->daysGoBy(89);
        $this->ask('GET', '/api/shop');
        $this->daysGoBy(91);
        $this->ask('GET', '/api/shop', expect: 401);
    }

    public function testOtherWordsThrowEveryDeviceOut(): void
    {
        $this->letIn('Tablet');
        file_put_contents($this->folder.'/passphrase', 'other words altogether');
        $this->ask('GET', '/api/shop', expect: 401);
    }

    public function testNobodyMakesAPassForThemselves(): void
    {
        $pass = $this->letIn('Tablet');
        foreach (['', '0', strrev($pass), substr($pass, 1), $pass.'0', strtoupper($pass), hash('sha256', $pass), str_repeat('0', 64)] as $made) {
            $this->carry($made);
            $this->ask('GET', '/api/shop', expect: 401);
        }
        $kept = $this->connection()->fetchOne('SELECT pass FROM device');
        self::assertNotSame($pass, $kept, 'the database holds nothing that opens the door');
    }

    public function testWrongWordsAreCountedByAddressAndForAll(): void
    {
        $try = fn (string $from, string $words, int $expect): array => $this->from($from, fn (): array => $this->ask('POST', '/api/door', ['phrase' => $words], $expect));
        for ($i = 0; $i < 8; ++$i) {
            $try('10.0.0.7', "guess $i", 422);
        }
        self::assertStringContainsString('10 minutes', $try('10.0.0.7', 'guess', 429)['detail']);
        self::assertGreaterThan(500, (int) $this->browser->getResponse()->headers->get('Retry-After'));
        $try('10.0.0.7', 'copper ferry linen', 429);
        $try('10.0.0.8', 'copper ferry linen', 200);
        // From many addresses at once.
        for ($i = 0; $i < 52; ++$i) {
            $try('10.0.1.'.$i, 'guess', 422);
        }
        $try('10.0.9.9', 'copper ferry linen', 429);
        $this->connection()->executeStatement('UPDATE door_try SET tried_at = tried_at - 601');
        $try('10.0.9.9', 'copper ferry linen', 200);
        $try('10.0.0.7', 'copper ferry linen', 200);
    }

    public function testTheEntryIsNeverNamed(): void
    {
        $this->browser->request('GET', '/index.php/api/door', server: ['SCRIPT_NAME' => '/index.php', 'SCRIPT_FILENAME' => '/srv/public/index.php']);
        self::assertSame(404, $this->browser->getResponse()->getStatusCode());
    }

    private function letIn(string $name): string
    {
        $this->browser->setServerParameter('HTTPS', 'on');
        $this->ask('POST', '/api/door', ['phrase' => 'copper ferry linen', 'device' => $name]);

        return (string) $this->browser->getCookieJar()->get('ektype_device')?->getValue();
    }

    private function carry(string $pass): void
    {
        $this->browser->getCookieJar()->clear();
        $this->browser->getCookieJar()->set(new \Symfony\Component\BrowserKit\Cookie('ektype_device', $pass, secure: true));
    }

    private function daysGoBy(int $days): void
    {
        $this->connection()->executeStatement('UPDATE device SET seen_at = seen_at - ?', [$days * 86_400]);
    }

    /**
     * @param \Closure(): array<mixed> $do
     *
     * @return array<mixed>
     */
    private function from(string $address, \Closure $do): array
    {
        $this->browser->setServerParameter('REMOTE_ADDR', $address);

        return $do();
    }
}
