<?php

declare(strict_types=1);

namespace Ektype\Tests\App\Shop;

use Ektype\App\Shop\Kept;
use Ektype\App\Shop\UnreadableInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What was kept is read as what it is or refused by its place; nothing is guessed, clamped or turned into zero. */
final class KeptTest extends TestCase
{
    private const JSON = '{"mm": 12.5, "whole": 7, "name": " Moth ", "on": true, "none": null, "list": [1, 2],
        "at": [3, 4.5], "knobs": [{"name": "left"}, {"name": ""}], "inks": {"Straw": 2, "Rust": 3}, "words": {"a": "b"}, "part": {"deep": {"x": "far"}}}';

    public function testEachKindIsReadAsItself(): void
    {
        $kept = Kept::fromJson(self::JSON);
        self::assertSame([12.5, 7.0, 7], [$kept->number('mm'), $kept->number('whole'), $kept->whole('whole', 0, 10)]);
        self::assertSame(['Moth', true, [3.0, 4.5]], [$kept->text('name'), $kept->flag('on'), $kept->pair('at')]);
        self::assertSame(['Straw' => 2, 'Rust' => 3], $kept->wholes('inks'));
        self::assertSame(['Straw' => 2.0, 'Rust' => 3.0], $kept->measures('inks'));
        self::assertSame(['a' => 'b'], $kept->words('words'));
        self::assertSame('left', $kept->objects('knobs')[0]->text('name'));
        self::assertSame('part.deep.x', $kept->object('part')->object('deep')->pathOf('x'));
        self::assertSame([1, 2], $kept->lists('list'));
    }

    public function testWhatIsMissingHasItsDefaultWhereOneMakesSense(): void
    {
        $kept = Kept::fromJson(self::JSON);
        self::assertSame([null, 5.0, 'front'], [$kept->numberOr('none', null), $kept->numberOr('nowhere', 5.0), $kept->textOr('nowhere', 'front')]);
        self::assertSame([false, [], [], [], []], [$kept->flag('nowhere'), $kept->texts('nowhere'), $kept->words('nowhere'), $kept->wholes('nowhere'), $kept->objects('nowhere', true)]);
        self::assertFalse($kept->has('none'), 'nothing is no value');
    }

    /** @param callable(Kept): mixed $read */
    #[DataProvider('refused')]
    public function testWhatIsNotThatIsRefusedAtItsPlace(callable $read, string $at, string $words): void
    {
        try {
            $read(Kept::fromJson(self::JSON));
            self::fail('It was read.');
        } catch (UnreadableInput $refused) {
            self::assertSame($at, $refused->on);
            self::assertStringContainsString($words, $refused->getMessage());
        }
    }

    /** @return iterable<string, array{callable(Kept): mixed, string, string}> */
    public static function refused(): iterable
    {
        yield 'a name for a number' => [static fn (Kept $k): float => $k->number('name'), 'name', 'is not that. Give it as a number'];
        yield 'nothing for a number' => [static fn (Kept $k): float => $k->number('nowhere'), 'nowhere', 'is missing. Give it as a number'];
        yield 'yes for a number' => [static fn (Kept $k): float => $k->number('on'), 'on', 'a number'];
        yield 'too small' => [static fn (Kept $k): float => $k->number('mm', 13, 20), 'mm', 'is 12.5; it must lie between 13 and 20'];
        yield 'too large' => [static fn (Kept $k): float => $k->number('mm', 0, 12), 'mm', 'between 0 and 12'];
        yield 'a part for a whole' => [static fn (Kept $k): int => $k->whole('mm', 0, 20), 'mm', 'a whole number'];
        yield 'a number for a name' => [static fn (Kept $k): string => $k->text('mm'), 'mm', 'text of up to 200'];
        yield 'a name too long' => [static fn (Kept $k): string => $k->text('name', 3), 'name', 'up to 3'];
        yield 'a blank name within' => [static fn (Kept $k): string => $k->objects('knobs')[1]->text('name'), 'knobs[1].name', 'text'];
        yield 'a word for yes' => [static fn (Kept $k): bool => $k->flag('name'), 'name', 'true or false'];
        yield 'a list for an object' => [static fn (Kept $k): Kept => $k->object('list'), 'list', 'an object'];
        yield 'an object for a list' => [static fn (Kept $k): array => $k->objects('part'), 'part', 'a list'];
        yield 'numbers for objects' => [static fn (Kept $k): array => $k->objects('list'), 'list[0]', 'an object'];
        yield 'three for two' => [static fn (Kept $k): array => Kept::of(['p' => [1, 2, 3]])->pair('p'), 'p', 'two numbers'];
        yield 'a word in a pair' => [static fn (Kept $k): array => Kept::of(['p' => [1, 'x']])->pair('p'), 'p.y', 'a number'];
        yield 'numbers for words' => [static fn (Kept $k): array => $k->texts('list'), 'list', 'a list of words'];
        yield 'numbers for named words' => [static fn (Kept $k): array => $k->words('inks'), 'inks', 'words by name'];
        yield 'words for whole numbers' => [static fn (Kept $k): array => $k->wholes('words'), 'words', 'whole numbers by name'];
        yield 'words for measures' => [static fn (Kept $k): array => $k->measures('words'), 'words', 'numbers by name'];
        yield 'numbers for answers' => [static fn (Kept $k): array => $k->answers('inks'), 'inks', 'answers by name'];
        yield 'a name for a list' => [static fn (Kept $k): array => $k->lists('name'), 'name', 'a list'];
        yield 'broken brackets' => [static fn (Kept $k): Kept => Kept::fromJson('{"a": 1'), '', 'not JSON'];
        yield 'a list for the whole' => [static fn (Kept $k): Kept => Kept::fromJson('[1, 2]'), '', 'one JSON object'];
        yield 'endless for a number' => [static fn (Kept $k): float => Kept::of(['n' => \INF])->number('n'), 'n', 'a number'];
    }
}
