<?php

declare(strict_types=1);

namespace Ektype\Tests\App\Request;

use Ektype\App\Request\FieldWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A refusal names a field as a printer reads it on the page. */
final class FieldWordsTest extends TestCase
{
    #[DataProvider('names')]
    public function testAFieldIsNamedInWords(string $path, string $words): void
    {
        self::assertSame($words, FieldWords::of($path));
    }

    /** @return iterable<array{string, string}> */
    public static function names(): iterable
    {
        yield ['threadsPerCm', 'Threads per cm'];
        yield ['threadUm', 'Thread, µm'];
        yield ['tensionNPerCm', 'Tension, N/cm'];
        yield ['widthMm', 'Print width, mm'];
        yield ['lampId', 'Lamp'];
        yield ['humidityPct', 'Humidity, %'];
        yield ['name', 'Name'];
        yield ['knobs[2].mmPerTurn', 'mm a turn, knob 3'];
        yield ['prints[0].readings[1].off.xMm', 'to the right, mm, print 1, reading 2, off'];
        yield ['frames[1].count', 'How many, frame 2'];
        yield ['along[3]', 'along, place 4'];
    }
}
