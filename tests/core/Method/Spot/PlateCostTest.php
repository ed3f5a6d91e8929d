<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Spot;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Method\Spot\PlateCost;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Separation\InkArea;
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

    /** A grey that lies under all in place of white: worked out layer by layer; a dark ink stands out from no dark cloth, and without a base there is none to save. */
    public function testAnInkOfTheArtCanServeAsTheBase(): void
    {
        $inks = [['Grey', '#c4c4c0', 50.0], ['Rust', '#b5482f', 30.0], ['Navy', '#1d2742', 20.0]];
        $areas = array_map(static fn (array $i): InkArea => new InkArea($i[0], Srgb::fromHex($i[1]), $i[2]), $inks);
        $black = Srgb::fromHex('#101010');
        $bases = (new PlateCost($areas, $black, true))->bases();
        self::assertSame([0, 1], array_keys($bases), 'the least change first; navy is too near to the cloth');
        $layers = new PrintedLayers();
        $on = static fn (string $under, ?string $over): Lab => Lab::of($layers->over($black, [new LaidInk(Srgb::fromHex($under), 1.0, Hiding::WISHED), ...$over === null ? [] : [new LaidInk(Srgb::fromHex($over), 1.0, Hiding::WISHED)]]));
        $mean = 0.5 * Ciede2000::between($on('#f6f4ee', '#c4c4c0'), $on('#c4c4c0', null));
        foreach (['#b5482f' => 0.3, '#1d2742' => 0.2] as $ink => $share) {
            $mean += $share * Ciede2000::between($on('#f6f4ee', $ink), $on('#c4c4c0', $ink));
        }
        self::assertEqualsWithDelta($mean, $bases[0]->meanDeltaE, 0.001);
        self::assertSame([], (new PlateCost($areas, $black, false))->bases());
        self::assertSame([], (new PlateCost([$areas[0]], $black, true))->bases(), 'one ink alone is its own base');
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
                    foreach (array_filter([0, 1, 2, 3], static fn (int $j): bool => ($choice >> $j & 1) === 1 && $i !== $j) as $j) {
                        $dots = self::asDots($i, $j);
                        $least = $dots < $least - 1 ? $dots : $least;
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

    /** A grey that is half of the black on white cloth needs no plate: dots of the black print it, and the table says so. */
    public function testAColourThatIsDotsOfAnotherCostsNoPlate(): void
    {
        $half = Srgb::fromHex('#ffffff');
        $black = Srgb::fromHex('#101010');
        // Half covered, by the print model itself, worked out here: the 1.7th root of light, between cloth and ink.
        $mixed = static fn (float $cloth, float $ink): float => (0.55 * $cloth ** (1 / 1.7) + 0.45 * ($cloth ** (1 / 1.7) + 0.95 * ($ink ** (1 / 1.7) - $cloth ** (1 / 1.7)))) ** 1.7;
        [$r, $g, $b] = array_map($mixed, $half->linear(), $black->linear());
        $grey = Srgb::fromLinear([$r, $g, $b]);
        $costs = new PlateCost([new InkArea('Black', $black, 30.0), new InkArea('Grey', $grey, 30.0), new InkArea('Red', Srgb::fromHex('#c03020'), 40.0)], $half, false);
        $loss = $costs->each()[1];
        self::assertSame('Black', $loss->dotsOf);
        self::assertEqualsWithDelta(0.95 * 0.45, $loss->tone, 0.011, 'its own plate would hide 95 % too');
        self::assertLessThan(0.5, $loss->tinted->meanDeltaE ?? \INF);
        self::assertGreaterThan(5.0, $loss->merged->meanDeltaE ?? 0.0, 'solid black is no grey');
        self::assertNull($costs->each()[2]->dotsOf, 'no dots are red');
        $two = $costs->ranked()[1];
        self::assertSame([[1 => 0], [0, 2]], [$two->becomes, $two->kept]);
        self::assertEqualsWithDelta(0.95 * 0.45, $two->tones[1], 0.011);
        self::assertLessThan(0.5, $two->change->meanDeltaE);
        self::assertEqualsWithDelta($loss->tinted->meanDeltaE ?? 0.0, $two->change->meanDeltaE, 1e-9);
    }

    /** Dots that come hardly nearer than a flat print are not worth their ruling. */
    public function testAShadeIsMergedRatherThanPrintedInDotsThatAreHardlyNearer(): void
    {
        $costs = new PlateCost([new InkArea('Black', Srgb::fromHex('#141414'), 50.0), new InkArea('Coal', Srgb::fromHex('#1f1f1f'), 50.0)], Srgb::fromHex('#ffffff'), false);
        $loss = $costs->each()[1];
        self::assertSame('Black', $loss->dotsOf);
        self::assertLessThan($loss->merged->meanDeltaE ?? 0.0, $loss->tinted->meanDeltaE ?? \INF, 'dots would come a little nearer');
        self::assertSame([], $costs->ranked()[1]->tones);
    }

    /** The least that dots of one ink are off another's print, by brute force; what is off by more than can be offered is none. */
    private static function asDots(int $i, int $j): float
    {
        $white = new Srgb(246, 244, 238);
        $ink = Srgb::fromHex(self::INKS[$j][1]);
        $wished = self::onCloth(self::INKS[$i][1]);
        $least = \INF;
        for ($tone = 5; $tone <= 95; ++$tone) {
            $least = min($least, Ciede2000::between($wished, Lab::of((new PrintedLayers())->over(Garment::needsBase($wished, Lab::of(Srgb::fromHex('#1b2440'))) ? $white : Srgb::fromHex('#1b2440'), [new LaidInk($ink, $tone / 100, 0.95)]))));
        }

        return $least <= 6 ? $least : \INF;
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
            (new PrintedLayers())->over(Srgb::fromHex('#1b2440'), [new LaidInk(new Srgb(246, 244, 238), 1.0, 0.95), new LaidInk(Srgb::fromHex($hex), 1.0, 0.95)]),
        );
    }
}
