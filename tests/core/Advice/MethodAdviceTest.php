<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Advice;

use Ektype\Core\Advice\Care;
use Ektype\Core\Advice\MethodAdvice;
use Ektype\Core\Advice\PrintWay;
use Ektype\Core\Advice\Repeatability;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Print\Cloth;
use Ektype\Core\Print\PlatePrint;
use Ektype\Core\Print\PressAtHand;
use Ektype\Core\Print\SizeOfPrint;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\PlateShare;
use PHPUnit\Framework\TestCase;

/** Costs of a way to print worked out by hand, and which way is advised. */
final class MethodAdviceTest extends TestCase
{
    public function testMinutesSecondsAndGramsAreThoseReckonedByHand(): void
    {
        $shares = [new PlateShare('White', PlateRole::Base, 0.5, new Lab(97, 0, 0)), new PlateShare('Red', PlateRole::Colour, 0.25, new Lab(45, 60, 40)), new PlateShare('Top', PlateRole::Highlight, 0.02, new Lab(97, 0, 0))];
        $plan = PrintWay::supposed(MethodName::from('simulated'), $shares, new SizeOfPrint(400, 250), new Cloth(new Lab(12, 0, 0), Substrate::Cotton), PressAtHand::none());
        self::assertNotNull($plan);
        $way = new PrintWay(MethodName::from('simulated'), $shares, true, 3.0, 6.0, $plan);
        self::assertSame(15.0 + 3 * 14.0, $way->setUpMin);
        // Loaded, a base in two strokes, two others in one, flashed after the base and before the highlight.
        $hot = 0.0;
        foreach ($plan->plates as $plate) {
            $hot += ($plate->flash->dwellS ?? 0.0) + ($plate->flash->coolS ?? 0.0);
        }
        self::assertSame([true, true, false], array_map(static fn (PlatePrint $p): bool => $p->flash !== null, $plan->plates));
        self::assertEqualsWithDelta(14.0 + (3.0 + 5.0) + 2 * (3.0 + 2.5) + $hot, $way->secondsAShirt, 1e-9);
        // cm³ of ink: area × volume of the mesh × what leaves it, a quarter more by the second stroke; 1.25 g each.
        $cm3 = static fn (float $cm2, Mesh $mesh, float $strokes): float => $cm2 / 10_000 * $mesh->volumeCm3M2 * 0.8 * $strokes;
        $grams = 1.25 * ($cm3(500, new Mesh(61.0, 64.0), 1.25) + $cm3(250, new Mesh(120.0, 34.0), 1.0) + $cm3(20, new Mesh(90.0, 48.0), 1.0));
        self::assertEqualsWithDelta($grams, $way->inkGrams, 1e-6);
        self::assertStringContainsString('3 plates', implode(' ', $way->risks(2, 'the press')));
        self::assertStringNotContainsString('3 plates', implode(' ', $way->risks(3, 'the press')));
    }

    public function testTheCheapestThatComesNearEnoughIsAdvised(): void
    {
        $ways = [
            self::way(MethodName::from('layers'), 1, 9.0),
            self::way(MethodName::from('process'), 4, 3.0),
            self::way(MethodName::from('simulated'), 6, 2.0),
            self::way(MethodName::from('spot'), 1, 1.0, fits: false),
        ];
        $advised = static fn (Care $care, ?int $heads = null, int $shirts = 60): ?MethodName => MethodAdvice::of($ways, $care, $shirts, $heads)?->method;
        self::assertSame(MethodName::from('process'), $advised(Care::Usual));
        self::assertSame(MethodName::from('simulated'), $advised(Care::SideBySide));
        self::assertSame(MethodName::from('process'), $advised(Care::Giveaway), 'nine is too far even there');
        self::assertSame(MethodName::from('spot'), $advised(Care::Usual, 1), 'one head: what fits not so well, but comes near');
        self::assertNull($advised(Care::Usual, 0));
        $far = MethodAdvice::of([self::way(MethodName::from('one ink'), 1, 15.0), self::way(MethodName::from('two-tone'), 2, 12.0)], Care::Usual, 60, null);
        self::assertSame(MethodName::from('two-tone'), $far?->method);
        self::assertStringContainsString('comes nearest', $far->sentence);
    }

    /** A way that wanders over a run counts as further off; transparent inks on dark cloth are not advised, however near they come. */
    public function testDriftMovesTheAdviceAndDarkClothForbidsTransparentInks(): void
    {
        $advised = static fn (PrintWay ...$ways): ?MethodName => MethodAdvice::of(array_values($ways), Care::Usual, 60, null)?->method;
        $steady = self::way(MethodName::from('simulated'), 6, 3.0);
        self::assertSame(MethodName::from('process'), $advised($steady, self::way(MethodName::from('process'), 4, 3.5)));
        self::assertSame(MethodName::from('simulated'), $advised($steady, self::way(MethodName::from('process'), 4, 3.5, drift: 2.2)), '3.5 and 2.2 are 4.1 together');
        self::assertSame(MethodName::from('simulated'), $advised($steady, self::way(MethodName::from('process'), 4, 1.0, suits: false)));
        self::assertFalse(MethodName::from('process')->suitsCloth(false));
        self::assertTrue(MethodName::from('process')->suitsCloth(true));
        self::assertTrue(MethodName::from('simulated')->suitsCloth(false));
    }

    /** Half-tone dots of black on white, worked out in root light: a tone of 0.5 moves by 0.03, solid and bare cloth by nothing. */
    public function testRepeatabilityIsWhatThreePerCentOfToneShow(): void
    {
        $plate = static fn (int $covers): FirstPlate => new FirstPlate(PlateRole::Colour, 'Black', new Srgb(0, 0, 0), null, '', new CoverageMap(4, 4, 1, str_repeat(\chr($covers), 16)), hiding: 1.0);
        $white = new Srgb(255, 255, 255);
        self::assertSame(0.0, Repeatability::of([$plate(0)], $white));
        self::assertSame(0.0, Repeatability::of([$plate(CoverageMap::FULL)], $white));
        $lab = static fn (float $covers): Lab => Lab::of(Srgb::fromLinear(array_fill(0, 3, (1 - $covers) ** 1.7)));
        self::assertEqualsWithDelta(Ciede2000::between($lab(0.5), $lab(0.53)), Repeatability::of([$plate(CoverageMap::FULL / 2)], $white), 0.35);
        $both = Repeatability::of([$plate(CoverageMap::FULL / 2), $plate(CoverageMap::FULL / 2)], $white);
        self::assertGreaterThan(0.0, $both);
    }

    private static function way(MethodName $method, int $screens, float $mean, bool $fits = true, float $drift = 0.0, bool $suits = true): PrintWay
    {
        $shares = array_fill(0, $screens, new PlateShare('Ink', PlateRole::Colour, 0.2, new Lab(50, 0, 0)));

        return new PrintWay($method, $shares, $fits, $mean, 2 * $mean, PrintWay::supposed($method, $shares, new SizeOfPrint(300, 300), new Cloth(new Lab(12, 0, 0), Substrate::Cotton), PressAtHand::none()), drift: $drift, suitsCloth: $suits);
    }
}
