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
        file_put_contents($this->folder.'/secret', bin2hex(random_bytes(32)));
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
}
