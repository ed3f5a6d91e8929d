<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Press\Heads;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A job that finds no place on its press is told so before its screens are burned. */
final class HeadsTest extends TestCase
{
    #[DataProvider('jobs')]
    public function testPlatesAreCountedAgainstTheHeads(int $plates, bool $atOnce, int $heads, string $says): void
    {
        $missing = Heads::missing($plates, $atOnce, $heads, 'the carousel');
        if ($says === '') {
            self::assertSame('', $missing);
        } else {
            self::assertStringStartsWith($says, $missing);
            self::assertStringContainsString('two passes', $missing);
        }
    }

    /** @return iterable<string, array{int, bool, int, string}> */
    public static function jobs(): iterable
    {
        yield 'as many as heads' => [6, true, 6, ''];
        yield 'one too many' => [7, true, 6, '7 plates and 6 heads on the carousel'];
        yield 'a single head' => [2, true, 1, '2 plates and 1 head on the carousel'];
        yield 'one after the other' => [9, false, 1, ''];
        yield 'no plates yet' => [0, true, 4, ''];
    }
}
