<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Mesh;

use Ektype\Core\Mesh\PlateBeats;
use Ektype\Core\Mesh\Rosette;
use Ektype\Core\Plate\Halftone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How often two plates’ dots come again, against figures worked out by hand. */
final class RosetteTest extends TestCase
{
    /** @return iterable<string, array{Halftone, Halftone, float}> mm */
    public static function pairs(): iterable
    {
        // 25.4 / 55 / (2 sin 15°).
        yield 'a fan of 30°' => [new Halftone(55.0, 22.5), new Halftone(55.0, 52.5), 0.892];
        yield 'the other way' => [new Halftone(55.0, 52.5), new Halftone(55.0, 22.5), 0.892];
        // A square grating is alike after a right angle: 80° are 10°.
        yield '80°' => [new Halftone(50.0, 5.0), new Halftone(50.0, 85.0), 25.4 / 50 / (2 * 0.0871557)];
        // Rulings of 45 and 50 at one angle: 25.4 / 5.
        yield 'two rulings' => [new Halftone(45.0, 20.0), new Halftone(50.0, 20.0), 5.08];
        yield '45°' => [new Halftone(40.0, 0.0), new Halftone(40.0, 45.0), 25.4 / 40 / (2 * 0.3826834)];
        yield 'the same' => [new Halftone(55.0, 22.5), new Halftone(55.0, 22.5), \INF];
        yield 'the same, a right angle on' => [new Halftone(55.0, 22.5), new Halftone(55.0, 112.5), \INF];
    }

    #[DataProvider('pairs')]
    public function testItComesAgainAfter(Halftone $one, Halftone $other, float $mm): void
    {
        self::assertEqualsWithDelta($mm, Rosette::mm($one, $other), 0.002);
    }

    public function testTheWidestIsTold(): void
    {
        $says = Rosette::says(new Halftone(55.0, 22.5), ['base', 'red', 'blue', 'grey'], [new Halftone(55.0, 52.5), new Halftone(55.0, 22.5), new Halftone(55.0, 22.5), new Halftone(55.0, 27.5)]);
        self::assertStringContainsString('a rosette every 5.3 mm with grey: wide enough to be seen', $says);
        self::assertStringContainsString('shares its angle with red and blue', $says);
        self::assertSame('', Rosette::says(new Halftone(55.0, 22.5), [], []));
    }

    /** Yellow and cyan 15° apart make the widest pattern of a fan; yellow is so pale that it is not the one to be told. */
    public function testAPaleInksPatternIsPale(): void
    {
        $names = ['yellow', 'cyan', 'black'];
        $fan = [new Halftone(45.0, 13.5), new Halftone(45.0, 28.5), new Halftone(45.0, 58.5)];
        self::assertStringContainsString('yellow and cyan make a pattern', PlateBeats::says($names, $fan));
        $says = PlateBeats::says($names, $fan, [0.06, 0.4, 0.4]);
        self::assertStringContainsString('cyan and black make', $says);
        self::assertStringContainsString('texture', $says);
        self::assertStringContainsString('White and Black make', PlateBeats::says(['White', 'White', 'Black'], $fan, [0.06, 0.4, 0.4]), 'two of one name are two plates');
    }
}
