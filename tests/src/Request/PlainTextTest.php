<?php

declare(strict_types=1);

namespace Ektype\Tests\App\Request;

use Ektype\App\Request\PlainText;
use Ektype\App\Request\UnreadableRequest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A name goes onto films, labels and the terminal: it reads there as it was meant, in any language. */
final class PlainTextTest extends TestCase
{
    #[DataProvider('texts')]
    public function testATextIsCleanedAndNoMore(string $written, string $kept): void
    {
        self::assertSame(['name' => $kept], PlainText::cleaned(['name' => $written]));
    }

    /** @return iterable<string, array{string, string}> */
    public static function texts(): iterable
    {
        yield 'plain' => ['Moth plate no. 1', 'Moth plate no. 1'];
        yield 'accents and other scripts' => ['Nachtfalter · Crème brûlée · 夜蛾 · ليلة · Šťáva', 'Nachtfalter · Crème brûlée · 夜蛾 · ليلة · Šťáva'];
        yield 'a joiner that a script needs' => ["\u{0645}\u{06cc}\u{200c}\u{062e}", "\u{0645}\u{06cc}\u{200c}\u{062e}"];
        yield 'lines become one' => ["front\r\nback\tleft", 'front back left'];
        yield 'a command to a terminal' => ["red\x1b[31m", 'red[31m'];
        yield 'turned round' => ["base\u{202e}xet", 'basexet'];
        yield 'a mark of byte order' => ["\u{feff}Straw", 'Straw'];
        yield 'broken letters' => ["Sa\xffge", 'Sa?ge'];
    }

    public function testOnlyTextsAreTouchedHoweverDeepTheyLie(): void
    {
        self::assertSame(
            ['width' => 12.5, 'on' => true, 'none' => null, 'knobs' => [['name' => 'left side', 'at' => [1, 2]]]],
            PlainText::cleaned(['width' => 12.5, 'on' => true, 'none' => null, 'knobs' => [['name' => "left\nside", 'at' => [1, 2]]]]),
        );
    }

    public function testACharacterThatEndsTextsIsRefusedAtItsPlace(): void
    {
        try {
            PlainText::cleaned(['knobs' => [['name' => 'left'], ['name' => "ri\0ght"]]]);
            self::fail('It was to be refused.');
        } catch (UnreadableRequest $refused) {
            self::assertSame('knobs[1].name', $refused->faults[0]->field);
            self::assertStringContainsString('nothing was changed', $refused->getMessage());
        }
    }
}
