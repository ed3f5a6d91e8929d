<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Unit;

use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GivenTest extends TestCase
{
    /** @return iterable<string, array{string, callable(Given): mixed, string, string}> */
    public static function wrong(): iterable
    {
        yield 'no json' => ['{"a":', static fn (Given $g): mixed => null, '', 'not JSON'];
        yield 'a list' => ['[1]', static fn (Given $g): mixed => null, '', 'one JSON object'];
        yield 'text for a number' => ['{"a":{"b":"12"}}', static fn (Given $g): mixed => $g->object('a')->number('b', unit: 'mm'), 'a.b', 'the text “12”, not a number'];
        yield 'missing' => ['{"a":[{}]}', static fn (Given $g): mixed => $g->objects('a')[0]->number('b'), 'a[0].b', 'is missing'];
        yield 'out of range' => ['{"a":90}', static fn (Given $g): mixed => $g->number('a', 5, 60, 'N/cm'), 'a', 'between 5 and 60 N/cm'];
        yield 'half' => ['{"a":1.5}', static fn (Given $g): mixed => $g->whole('a', 0, 9), 'a', 'only whole numbers'];
        yield 'three for two' => ['{"a":[1,2,3]}', static fn (Given $g): mixed => $g->pair('a'), 'a', 'two numbers in mm'];
        yield 'text in a pair' => ['{"a":[1,"x"]}', static fn (Given $g): mixed => $g->pair('a'), 'a.y', 'not a number'];
        yield 'unknown word' => ['{"a":"silk"}', static fn (Given $g): mixed => $g->oneOf('a', ['cotton']), 'a', 'Use one of: cotton'];
        yield 'blank' => ['{"a":"  "}', static fn (Given $g): mixed => $g->text('a'), 'a', 'is empty'];
        yield 'too long' => ['{"a":"abcdef"}', static fn (Given $g): mixed => $g->text('a', 5), 'a', 'Shorten it to 5'];
        yield 'a word for yes' => ['{"a":"yes"}', static fn (Given $g): mixed => $g->flag('a'), 'a', 'say true or false'];
        yield 'words for numbers' => ['{"a":[1,"b"]}', static fn (Given $g): mixed => $g->wholes('a'), 'a', 'only whole numbers'];
    }

    /** @param callable(Given): mixed $read */
    #[DataProvider('wrong')]
    public function testRefusesAtTheField(string $json, callable $read, string $field, string $sentence): void
    {
        try {
            $read(Given::fromJson($json));
            self::fail('This was to be refused.');
        } catch (Refusal $refusal) {
            self::assertSame($field, $refusal->field);
            self::assertStringContainsString($sentence, $refusal->getMessage());
        }
    }
}
