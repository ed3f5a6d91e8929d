<?php

declare(strict_types=1);

namespace Ektype\Tests\App\Door;

use Ektype\App\Api\Door\Passphrase;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;

/** Who knows the words gets in, nobody else, and not for ever. */
final class PassphraseTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/ektype-door-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        file_put_contents($this->folder.'/passphrase', "copper ferry linen plum willow\n");
        file_put_contents($this->folder.'/secret', bin2hex(random_bytes(32)));
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

    public function testAPassLastsAndEnds(): void
    {
        $phrase = new Passphrase($this->folder);
        $pass = $phrase->pass(1_000_000);
        self::assertTrue($phrase->letsIn($pass, 1_000_000));
        self::assertTrue($phrase->letsIn($pass, 1_000_000 + Passphrase::lasts()));
        self::assertFalse($phrase->letsIn($pass, 1_000_001 + Passphrase::lasts()));
    }

    public function testNobodyMakesAPassForThemselvesOrMakesOneLast(): void
    {
        $phrase = new Passphrase($this->folder);
        [$until, $signed] = explode('.', $phrase->pass(1_000_000));
        foreach (['', '.', $until, $until.'.', '.'.$signed, ((int) $until + 1).'.'.$signed, $until.'.'.strrev($signed), '99999999999.'.$signed, $until.'.'.$signed.'.x'] as $made) {
            self::assertFalse($phrase->letsIn($made, 1_000_000), $made);
        }
    }

    public function testOtherWordsThrowEveryDeviceOut(): void
    {
        $pass = (new Passphrase($this->folder))->pass(1_000_000);
        file_put_contents($this->folder.'/passphrase', 'other words');
        self::assertFalse((new Passphrase($this->folder))->letsIn($pass, 1_000_000));
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
