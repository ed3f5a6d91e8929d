<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\TwoTone;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\TwoTone\Middle;
use Ektype\Core\Method\TwoTone\TwoTone;
use Ektype\Core\Method\TwoTone\TwoTonePlates;
use Ektype\Core\Method\TwoTone\TwoToneRequest;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\ImpossibleTone;
use Ektype\Tests\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** The films laid over each other, counted pixel by pixel, and seen through the print model written out once more. */
final class TwoToneTest extends TestCase
{
    private const DARK = '#1b1a17';
    private const LIGHT = '#f6f4ee';
    private const HIDING = 0.93;
    private const YULE_NIELSEN = 1.7;
    private const GREYS = 21;

    /** @return iterable<string, array{string}> */
    public static function someGarments(): iterable
    {
        return Measure::some(1, self::garments());
    }

    /** @return iterable<string, array{string}> */
    public static function garments(): iterable
    {
        yield 'red' => ['#a02028'];
        yield 'navy' => ['#1b2436'];
        yield 'grey' => ['#b9b7b0'];
        yield 'green' => ['#2f6b3a'];
    }

    #[DataProvider('someGarments')]
    public function testColoursComeAsNearAsAnySharesOfTheTwoInks(string $garment): void
    {
        mt_srand(41);
        $colours = [];
        for ($i = 0; $i < 30; ++$i) {
            $grey = mt_rand(15, 240);
            $colours[] = new Srgb(...array_map(static fn (int $c): int => max(0, min(255, $grey + $c)), [mt_rand(-60, 60), mt_rand(-60, 60), mt_rand(-60, 60)]));
        }
        // Without a distance between the dots, every share that fits on the cloth is possible.
        $plates = self::of(self::patches($colours), $garment, 0.0, Middle::Picture);
        $over = 0.0;
        $much = 0;
        foreach ($colours as $i => $colour) {
            $wished = Lab::of($colour);
            $best = \INF;
            for ($d = 0; $d <= 50; ++$d) {
                for ($l = 0; $l <= 50 - $d; ++$l) {
                    $best = min($best, Ciede2000::between($wished, self::seen($garment, $d / 50, $l / 50)));
                }
            }
            $off = Ciede2000::between($wished, self::seen($garment, ...self::shares($plates, $i))) - $best;
            $over += $off / 30;
            $much += $off > 0.5 ? 1 : 0;
        }
        self::assertLessThan(0.25, $over);
        self::assertLessThanOrEqual(3, $much, 'colours that come out worse than they could by more than ΔE00 0.5');
    }

    #[DataProvider('someGarments')]
    public function testABlackAndWhitePictureIsAsLightAsItWasAndTheGarmentItsMiddle(string $garment): void
    {
        $greys = array_map(static fn (int $i): Srgb => new Srgb(12 * $i, 12 * $i, 12 * $i), range(0, self::GREYS - 1));
        $plates = self::of(self::patches($greys), $garment, null, null);
        self::assertSame(Middle::Garment, $plates->middle);
        $cloth = Lab::of(Srgb::fromHex($garment))->l;
        $ends = [self::seen($garment, 1.0, 0.0)->l, self::seen($garment, 0.0, 1.0)->l];
        foreach ($greys as $i => $grey) {
            $lightness = Lab::of($grey)->l;
            [$dark, $light] = self::shares($plates, $i);
            if ($lightness > $ends[0] && $lightness < $ends[1]) {
                self::assertEqualsWithDelta($lightness, self::seen($garment, $dark, $light)->l, 1.5, "L* $lightness");
            }
            // What is as light as the garment is bare; darker has no light ink, lighter no dark one.
            if (abs($lightness - $cloth) > 1) {
                self::assertLessThan(0.002, $lightness < $cloth ? $light : $dark);
            }
            if (abs($lightness - $cloth) < 0.7) {
                self::assertLessThan(0.06, $dark + $light, 'the middle is the garment');
            }
        }
    }

    #[Group('long')]
    public function testNoDotLiesOnAnotherNorNearerThanItIsHeldBack(): void
    {
        $greys = array_map(static fn (int $i): Srgb => new Srgb(12 * $i, 12 * $i, 12 * $i), range(0, self::GREYS - 1));
        foreach ([[null, 1], [0.127, 3], [0.0, 0]] as [$mm, $px]) {
            // On black cloth the two inks make all tones between them, side by side.
            $plates = TwoTone::of(self::patches($greys), new TwoToneRequest(700 * 25.4 / 300, Srgb::fromHex('#101010'), self::ink('red', '#8a3030'), self::ink('white', self::LIGHT), 600.0, new Halftone(45.0, 22.5), holdBackMm: $mm));
            self::assertEqualsWithDelta($px * 25.4 / 600, $plates->holdBackMm, 1e-6);
            $nearest = \INF;
            [$dark, $light] = [$plates->dark->plane, $plates->light->plane];
            for ($y = 8; $y < $dark->height - 8; $y += 5) {
                for ($x = 8; $x < $dark->width - 8; ++$x) {
                    if ($dark->isSet($x, $y)) {
                        for ($dx = -5; $dx <= 5; ++$dx) {
                            for ($dy = -5; $dy <= 5; ++$dy) {
                                if ($light->isSet($x + $dx, $y + $dy)) {
                                    $nearest = min($nearest, hypot($dx, $dy));
                                }
                            }
                        }
                    }
                }
            }
            self::assertGreaterThan($px, $nearest);
            self::assertLessThanOrEqual($px + 1.6, $nearest, 'and no further');
        }
    }

    /** One grey level of 255 moves no plate by over two parts in a hundred. */
    #[Group('long')]
    public function testASmoothRampGivesPlatesWithoutSteps(): void
    {
        foreach (['#8a8880'] as $garment) {
            $ramp = '';
            for ($x = 0; $x < 1024; ++$x) {
                $ramp .= str_repeat(\chr((int) round(255 * $x / 1023)), 3);
            }
            $plates = self::of(new ArtRaster(1024, 64, str_repeat($ramp, 64), false), $garment, 0.0, Middle::Picture);
            foreach ([$plates->dark->tones, $plates->light->tones] as $tones) {
                // Eight places are two grey levels, and even out what neighbours take in turn.
                $mean = static fn (int $from): float => array_sum(array_map(
                    static fn (int $y): int => array_sum((array) unpack('C*', substr($tones->tones, $y * $tones->width + $from, 8))),
                    range(8, 23),
                )) / 128 / 255;
                for ($x = 8; $x + 8 <= $tones->width; $x += 8) {
                    self::assertLessThan(2 * 0.02, abs($mean($x) - $mean($x - 8)), "at $x");
                }
            }
        }
    }

    public function testTwoInksOfOneLightnessAreNoTwoTones(): void
    {
        $this->expectException(ImpossibleTone::class);
        $this->expectExceptionMessageMatches('/Navy is not darker than Navy/');
        TwoTone::of(self::patches([new Srgb(9, 9, 9)]), new TwoToneRequest(60.0, Srgb::fromHex('#ffffff'), self::ink('Navy', '#1b2436'), self::ink('Navy', '#1b2436'), 600.0, new Halftone(45.0)));
    }

    private static function of(ArtRaster $art, string $garment, ?float $holdBackMm, ?Middle $middle): TwoTonePlates
    {
        return TwoTone::of($art, new TwoToneRequest(
            $art->width * 25.4 / 300,
            Srgb::fromHex($garment),
            self::ink('black', self::DARK),
            self::ink('white', self::LIGHT),
            600.0,
            new Halftone(45.0, 22.5),
            holdBackMm: $holdBackMm,
            middle: $middle,
        ));
    }

    private static function ink(string $name, string $hex): GivenInk
    {
        return new GivenInk($name, Srgb::fromHex($hex), self::HIDING);
    }

    /**
     * Squares of 100 pixels, seven a row.
     *
     * @param list<Srgb> $colours
     */
    private static function patches(array $colours): ArtRaster
    {
        $rows = (int) ceil(\count($colours) / 7);
        $rgb = '';
        for ($row = 0; $row < $rows; ++$row) {
            $line = '';
            for ($column = 0; $column < 7; ++$column) {
                $colour = $colours[7 * $row + $column] ?? $colours[0];
                $line .= str_repeat(\chr($colour->red).\chr($colour->green).\chr($colour->blue), 100);
            }
            $rgb .= str_repeat($line, 100);
        }

        return new ArtRaster(700, 100 * $rows, $rgb, false);
    }

    /** @return array{float, float} of the dark ink and of the light one in a patch, over its middle */
    private static function shares(TwoTonePlates $plates, int $patch): array
    {
        $counts = [0, 0];
        $all = 0;
        for ($y = 30; $y < 170; ++$y) {
            for ($x = 30; $x < 170; ++$x) {
                [$px, $py] = [200 * ($patch % 7) + $x, 200 * intdiv($patch, 7) + $y];
                $counts[0] += $plates->dark->plane->isSet($px, $py) ? 1 : 0;
                $counts[1] += $plates->light->plane->isSet($px, $py) ? 1 : 0;
                ++$all;
            }
        }

        return [$counts[0] / $all, $counts[1] / $all];
    }

    /** c = (g^1/n + d o (K^1/n − g^1/n) + l o (W^1/n − g^1/n))^n for inks beside each other. */
    private static function seen(string $garment, float $dark, float $light): Lab
    {
        $cloth = Srgb::fromHex($garment)->linear();
        [$black, $white] = [Srgb::fromHex(self::DARK)->linear(), Srgb::fromHex(self::LIGHT)->linear()];
        $seen = [];
        foreach ([0, 1, 2] as $c) {
            $root = static fn (float $v): float => $v ** (1 / self::YULE_NIELSEN);
            $g = $root($cloth[$c]);
            $seen[] = ($g + self::HIDING * ($dark * ($root($black[$c]) - $g) + $light * ($root($white[$c]) - $g))) ** self::YULE_NIELSEN;
        }

        return Lab::fromLinear(...$seen);
    }
}
