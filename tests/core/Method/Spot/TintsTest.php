<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Spot;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Method\Spot\SpotRequest;
use Ektype\Core\Method\Spot\SpotResult;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Method\Spot\Tint;
use Ektype\Core\Method\Spot\Tinted;
use Ektype\Core\Method\Spot\TintOffers;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Tests\Core\Separation\Patches;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** A grey that black dots on the cloth make needs no plate of its own; a red does. */
final class TintsTest extends TestCase
{
    private const GARMENT = '#ffffff';
    private const BLACK = '#1b1a17';
    private const RED = '#b02030';
    private const TONE = 0.4;

    public function testAMixtureOfAnInkAndTheClothIsOfferedAtItsTone(): void
    {
        $offers = TintOffers::among($this->separated()->plates, Srgb::fromHex(self::GARMENT));
        self::assertNotSame([], $offers);
        self::assertSame([self::grey(), self::BLACK], [$offers[0]->hex, $offers[0]->of]);
        self::assertEqualsWithDelta(self::TONE, $offers[0]->tone, 0.011);
        self::assertLessThan(1.0, $offers[0]->deltaE);
        foreach ($offers as $offer) {
            self::assertNotSame(self::RED, $offer->hex, 'red is no mixture of black and white');
        }
    }

    public function testItsDotsAreOnThePlateOfTheOtherAndTheirOwnIsSaved(): void
    {
        $before = $this->separated();
        $tints = TintOffers::together(TintOffers::among($before->plates, Srgb::fromHex(self::GARMENT)));
        self::assertCount(1, $tints);
        $tinted = Tinted::of(self::art(), self::request(), $tints, new Halftone(45.0, 22.5), Dot::Round);
        self::assertCount(\count($before->plates) - 1, $tinted->result->plates);
        $black = self::plate($tinted->result, self::BLACK);
        self::assertEqualsWithDelta(1.0, self::share($black->plane, 20, 20, 60, 80), 0.001, 'what is black stays solid');
        self::assertEqualsWithDelta(self::TONE, self::share($black->plane, 110, 24, 60, 72), 0.02, 'what is grey is dots');
        self::assertEqualsWithDelta(0.0, self::share($black->plane, 190, 20, 40, 80), 0.001, 'what is red is not there');
        self::assertEqualsWithDelta(self::plate($before, self::RED)->area->cm2, self::plate($tinted->result, self::RED)->area->cm2, 0.01);
        self::assertSame($tints, $tinted->onPlate($black));
    }

    public function testTheCurveOfThePressIsTakenOut(): void
    {
        $tints = [new Tint(self::grey(), self::BLACK, self::TONE, 0.1)];
        $tinted = Tinted::of(self::art(), self::request(), $tints, new Halftone(45.0, 22.5), Dot::Round, new ToneCurve([[40.0, 24.0]]));
        $black = self::plate($tinted->result, self::BLACK);
        self::assertEqualsWithDelta(0.24, self::share($black->plane, 110, 24, 60, 72), 0.02);
        // The pull shows what the press makes of it.
        $map = $black->print?->cover;
        self::assertNotNull($map);
        $sum = 0;
        for ($y = (int) (24 / 120 * $map->height) + 1; $y < (int) (106 / 120 * $map->height) - 1; ++$y) {
            for ($x = (int) (102 / 240 * $map->width); $x < (int) (178 / 240 * $map->width); ++$x) {
                $sum += \ord($map->bytes[$y * $map->width + $x]) / 64 / ((int) (106 / 120 * $map->height) - 2 - (int) (24 / 120 * $map->height)) / ((int) (178 / 240 * $map->width) - (int) (102 / 240 * $map->width));
            }
        }
        self::assertEqualsWithDelta(self::TONE, $sum, 0.02);
    }

    public function testATintThatTheMeshDoesNotHoldIsNotOffered(): void
    {
        self::assertSame([], TintOffers::among($this->separated()->plates, Srgb::fromHex(self::GARMENT), new Tones(0.6, 0.9)));
    }

    /** A green that dots of yellow and of blue make beside each other, where the two touch nowhere else. */
    #[Group('long')]
    public function testAMixtureOfTwoInksIsOfferedWhereTheyTouchNoOtherWay(): void
    {
        [$yellow, $blue] = ['#f2d028', '#2050a0'];
        $root = static fn (float $c): float => $c ** (1 / 1.7);
        $light = array_map(static fn (float $y, float $b): float => (1 + 0.42 * 0.95 * ($root($y) - 1) + 0.22 * 0.95 * ($root($b) - 1)) ** 1.7, Srgb::fromHex($yellow)->linear(), Srgb::fromHex($blue)->linear());
        $green = Srgb::fromLinear([$light[0], $light[1], $light[2]])->hex();
        $art = Patches::on(self::GARMENT, 240, 120, [[$yellow, 10, 10, 60, 100], [$green, 90, 14, 60, 92], [$blue, 170, 10, 60, 100]]);
        $apart = SpotSeparation::of($art, self::request());
        $offers = TintOffers::among($apart->plates, Srgb::fromHex(self::GARMENT), touching: $apart->budget);
        self::assertNotSame([], $offers);
        $offer = $offers[0];
        self::assertSame([$green, $yellow, $blue], [$offer->hex, $offer->of, $offer->with]);
        self::assertEqualsWithDelta(0.42, $offer->tone, 0.03);
        self::assertEqualsWithDelta(0.22, $offer->withTone, 0.03);
        self::assertLessThan(1.0, $offer->deltaE);

        $tinted = Tinted::of($art, self::request(), TintOffers::together($offers), new Halftone(45.0, 22.5), Dot::Round);
        self::assertCount(2, $tinted->result->plates, 'the green needs no plate');
        [$first, $second] = [self::plate($tinted->result, $yellow)->plane, self::plate($tinted->result, $blue)->plane];
        self::assertEqualsWithDelta(0.42, self::share($first, 100, 24, 40, 72), 0.03);
        self::assertEqualsWithDelta(0.22, self::share($second, 100, 24, 40, 72), 0.03);
        self::assertEqualsWithDelta(1.0, self::share($second, 180, 20, 40, 80), 0.001);
        for ($y = 100; $y < 620; $y += 3) {
            for ($x = 560; $x < 860; ++$x) {
                if ($first->isSet($x, $y)) {
                    if ($second->isSet($x, $y) || $second->isSet($x - 1, $y) || $second->isSet($x + 1, $y)) {
                        self::fail('a film pixel stays between the dots');
                    }
                }
            }
        }

        // Nearly all the room there is: the second ink’s dots are whole dots between the first ones, and keep a film pixel from them.
        $full = Tinted::of($art, self::request(), [new Tint($green, $yellow, 0.48, 0.1, $blue, 0.22)], new Halftone(45.0, 22.5), Dot::Round);
        [$first, $second] = [self::plate($full->result, $yellow)->plane, self::plate($full->result, $blue)->plane];
        [$set, $runs] = [0, 0];
        for ($y = 100; $y < 620; ++$y) {
            for ($x = 560; $x < 860; ++$x) {
                if ($second->isSet($x, $y)) {
                    ++$set;
                    $runs += $second->isSet($x - 1, $y) ? 0 : 1;
                }
            }
        }
        self::assertGreaterThan(3.5, $set / max(1, $runs), 'dots, no rings round those of the first');
        $crowded = Tinted::of($art, self::request(), [new Tint($green, $yellow, 0.55, 0.1, $blue, 0.4)], new Halftone(45.0, 22.5), Dot::Round);
        [$first, $second] = [self::plate($crowded->result, $yellow)->plane, self::plate($crowded->result, $blue)->plane];
        for ($y = 100; $y < 620; ++$y) {
            for ($x = 560; $x < 860; ++$x) {
                if ($second->isSet($x, $y)) {
                    if ($first->isSet($x, $y) || $first->isSet($x - 1, $y) || $first->isSet($x + 1, $y) || $first->isSet($x, $y + 1) || $first->isSet($x, $y - 1)) {
                        self::fail('they lie apart');
                    }
                }
            }
        }

        $touch = Patches::on(self::GARMENT, 240, 120, [[$yellow, 10, 10, 60, 100], [$green, 90, 14, 60, 92], [$blue, 170, 10, 60, 100], [$blue, 20, 60, 50, 50]]);
        $butting = SpotSeparation::of($touch, self::request());
        self::assertSame([], array_filter(
            TintOffers::among($butting->plates, Srgb::fromHex(self::GARMENT), touching: $butting->budget),
            static fn (Tint $t): bool => $t->with !== null,
        ), 'where the two touch anyway, a second edge would have to be in register');
    }

    /** An ink whose dots print another keeps its plate, and nothing is a tint of a tint. */
    public function testTintsGoTogether(): void
    {
        $offers = [new Tint('#a', '#b', 0.5, 0.1), new Tint('#b', '#c', 0.5, 0.2), new Tint('#d', '#a', 0.5, 0.3), new Tint('#d', '#c', 0.5, 0.4), new Tint('#a', '#c', 0.5, 0.5)];
        self::assertSame([$offers[0], $offers[3]], TintOffers::together($offers));
    }

    private function separated(): SpotResult
    {
        return SpotSeparation::of(self::art(), self::request());
    }

    private static function art(): \Ektype\Core\Art\ArtRaster
    {
        return Patches::on(self::GARMENT, 240, 120, [[self::BLACK, 10, 10, 80, 100], [self::grey(), 100, 14, 80, 92], [self::RED, 185, 10, 50, 100]]);
    }

    private static function request(): SpotRequest
    {
        return new SpotRequest(61.0, Srgb::fromHex(self::GARMENT), dpi: 600.0);
    }

    /** Yule–Nielsen with n = 1.7: c = (g^1/n + a o (K^1/n − g^1/n))^n with o = 0.95. */
    private static function grey(): string
    {
        $light = [];
        foreach (Srgb::fromHex(self::BLACK)->linear() as $ink) {
            $light[] = (1 + self::TONE * 0.95 * ($ink ** (1 / 1.7) - 1)) ** 1.7;
        }

        return Srgb::fromLinear([$light[0], $light[1], $light[2]])->hex();
    }

    private static function plate(SpotResult $result, string $art): SeparatedPlate
    {
        foreach ($result->plates as $plate) {
            if ($plate->artColour?->hex() === $art) {
                return $plate;
            }
        }
        self::fail("No plate of $art.");
    }

    /** In pixels of the art. */
    private static function share(BitPlane $plane, int $left, int $top, int $width, int $height): float
    {
        $scale = $plane->width / 240;
        $set = $all = 0;
        for ($y = (int) ($top * $scale); $y < ($top + $height) * $scale; ++$y) {
            for ($x = (int) ($left * $scale); $x < ($left + $width) * $scale; ++$x) {
                $set += $plane->isSet($x, $y) ? 1 : 0;
                ++$all;
            }
        }

        return $set / $all;
    }
}
