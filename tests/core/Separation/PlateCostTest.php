<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\InkArea;
use Ektype\Core\Separation\PlateCost;
use PHPUnit\Framework\TestCase;

final class PlateCostTest extends TestCase
{
    private const INKS = [['Straw', '#f0e4ba', 40.0], ['Cream', '#efe0b4', 10.0], ['Rust', '#b5482f', 30.0], ['Navy', '#1d2742', 20.0]];

    public function testTheCostIsThatOfEveryPixelOfThePrint(): void
    {
        $costs = self::costs();
        $each = $costs->each();
        // Worked out pixel by pixel on a print of a hundred pixels.
        $pixels = [];
        foreach (self::INKS as $i => [, , $area]) {
            $pixels = [...$pixels, ...array_fill(0, (int) $area, $i)];
        }
        $printed = array_map(static fn (array $ink): Lab => self::onCloth($ink[1]), self::INKS);
        $bare = Lab::of(Srgb::fromHex('#1b2440'));
        foreach ([0, 1, 2, 3] as $lost) {
            $changes = array_map(static fn (int $i): float => $i === $lost ? Ciede2000::between($printed[$i], $bare) : 0.0, $pixels);
            sort($changes);
            self::assertEqualsWithDelta(array_sum($changes) / 100, $each[$lost]->dropped->meanDeltaE, 0.001);
            self::assertEqualsWithDelta(
                \count(array_filter($changes, static fn (float $d): bool => $d > 5)),
                $each[$lost]->dropped->changedPct,
                1e-6,
            );
            self::assertEqualsWithDelta($changes[94], $each[$lost]->dropped->p95DeltaE, 0.001);
        }
        self::assertSame('Straw', $each[1]->into);
    }

    public function testTheRankingIsTheBestOfAllChoicesForEachNumber(): void
    {
        $ranked = self::costs()->ranked();
        self::assertSame([4, 3, 2, 1], array_column($ranked, 'inks'));
        self::assertSame(0.0, $ranked[0]->change->meanDeltaE);
        self::assertSame([1 => 0], $ranked[1]->becomes, 'the cream is nearly the straw');
        self::assertNull($ranked[2]->becomes[3], 'navy on navy is left to the cloth');
        $printed = array_map(static fn (array $ink): Lab => self::onCloth($ink[1]), self::INKS);
        $bare = Lab::of(Srgb::fromHex('#1b2440'));
        foreach ($ranked as $row) {
            $best = \INF;
            for ($choice = 1; $choice < 16; ++$choice) {
                if (substr_count(decbin($choice), '1') !== $row->inks) {
                    continue;
                }
                $mean = 0.0;
                foreach (self::INKS as $i => [, , $area]) {
                    $least = Ciede2000::between($printed[$i], $bare);
                    for ($j = 0; $j < 4; ++$j) {
                        $least = ($choice >> $j & 1) === 1 ? min($least, Ciede2000::between($printed[$i], $printed[$j])) : $least;
                    }
                    $mean += $area / 100 * (($choice >> $i & 1) === 1 ? 0.0 : $least);
                }
                $best = min($best, $mean);
            }
            self::assertEqualsWithDelta($best, $row->change->meanDeltaE, 0.001);
        }
        for ($i = 1; $i < 4; ++$i) {
            self::assertGreaterThanOrEqual($ranked[$i - 1]->change->meanDeltaE, $ranked[$i]->change->meanDeltaE);
        }
    }

    private static function costs(): PlateCost
    {
        return new PlateCost(
            array_map(static fn (array $i): InkArea => new InkArea($i[0], Srgb::fromHex($i[1]), $i[2]), self::INKS),
            Srgb::fromHex('#1b2440'),
            true,
        );
    }

    private static function onCloth(string $hex): Lab
    {
        return Lab::of(
            (new PrintedLayers())->over(Srgb::fromHex('#1b2440'), [[new Srgb(246, 244, 238), 1.0, 0.95], [Srgb::fromHex($hex), 1.0, 0.95]]),
        );
    }
}
