<?php

declare(strict_types=1);

namespace Ektype\Tests\App\Door;

use Ektype\App\Api\Door\Passphrase;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;

/** Who knows the words gets in, nobody else. */
final class PassphraseTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/ektype-door-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        file_put_contents($this->folder.'/passphrase', "copper ferry linen plum willow\n");
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
    }

    public function testTheWordsAreKnownHoweverTheyAreTyped(): void
    {
        $phrase = new Passphrase($this->folder);
        foreach (['copper ferry linen plum willow', '  Copper  FERRY linen-plum willow '] as $typed) {
            self::assertTrue($phrase->is($typed), $typed);
        }
        foreach (['', ' ', 'copper ferry linen plum', 'copper ferry linen plum willows', 'willow plum linen ferry copper'] as $typed) {
            self::assertFalse($phrase->is($typed), $typed);
        }
    }

    public function testWithoutAFolderNobodyIsAsked(): void
    {
        self::assertFalse((new Passphrase(''))->isAsked());
    }

    public function testAFolderWithoutWordsLetsNobodyIn(): void
    {
        unlink($this->folder.'/passphrase');
        $this->expectException(\RuntimeException::class);
        (new Passphrase($this->folder))->is('');
    }
}
