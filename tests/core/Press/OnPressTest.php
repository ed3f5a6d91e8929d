<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\HeadPlace;
use Ektype\Core\Press\HeadPlan;
use Ektype\Core\Press\InkSuits;
use Ektype\Core\Press\OffContact;
use Ektype\Core\Press\PlateContacts;
use Ektype\Core\Press\PressWay;
use Ektype\Core\Press\PrintStep;
use Ektype\Core\Raster\CoverageMap;
use PHPUnit\Framework\TestCase;

final class OnPressTest extends TestCase
{
    public function testAFlashTakesAHeadOfAnAutomaticAndNoneOfAPressTurnedByHand(): void
    {
        $automatic = self::plan(PressWay::Automatic, 8, 2);
        self::assertSame([0, 'flash', 'cool', 1, 'flash', 'cool', 2, 3], array_map(self::what(...), $automatic->places), 'a head over cools after each flash');
        self::assertSame([], $automatic->says);
        self::assertSame(range(1, 8), array_map(static fn (HeadPlace $h): int => $h->number, $automatic->places));
        $few = self::plan(PressWay::Automatic, 5, 1);
        self::assertStringContainsString('6 heads are needed, 2 of them for flashes, and the press has 5. Nearest in colour are Sage and Moss', implode(' ', $few->says));
        self::assertStringContainsString('2 flashes are wanted and one is here', implode(' ', $few->says));
        self::assertStringNotContainsString('Nearest', implode(' ', HeadPlan::of(PressWay::Rotary, 1, 1, [new PrintStep(0, '', false, ''), new PrintStep(1, '', false, '')], ['White', 'Straw'], [null, new Lab(90, 0, 20)], watched: [])->says), 'a base is merged with nothing');
        $hand = self::plan(PressWay::Rotary, 4, 1);
        self::assertSame([], $hand->says, 'by hand one flash serves all');
        self::assertCount(4, $hand->places);
        self::assertStringContainsString('none is here: print two rounds', implode(' ', self::plan(PressWay::Rotary, 4, 0)->says));
        self::assertStringContainsString('4 heads are needed and the press has 3', implode(' ', self::plan(PressWay::Rotary, 3, 1)->says));
        self::assertSame([], self::plan(PressWay::Hinge, 1, 0)->says, 'one frame prints colour after colour');
    }

    public function testAnInkThatWantsWatchingStandsNearestToTheOperator(): void
    {
        $plan = self::plan(PressWay::Rotary, 6, 1, [false, false, true, false]);
        foreach ($plan->places as $place) {
            self::assertSame($place->plate === 2, $place->number === 1);
        }
        self::assertSame([5, 6, 1, 2], array_map(static fn (HeadPlace $h): int => $h->number, $plan->places), 'all follow each other round');
        self::assertTrue(InkKind::WaterBased->traits()->wantsWatching());
        self::assertFalse(InkKind::Plastisol->traits()->wantsWatching());
        self::assertTrue(InkKind::Metallic->traits()->wantsWatching(), 'it settles');
    }

    public function testOffContactOnRigidGoodsFollowsItsOwnRuleAndASeamAddsItsHeight(): void
    {
        self::assertEqualsWithDelta(2.0, OffContact::mm(30, Substrate::Rigid, 300), 1e-9);
        self::assertEqualsWithDelta(6.0, OffContact::mm(30, Substrate::Rigid, 1200), 1e-9);
        self::assertEqualsWithDelta(4.0, OffContact::mm(30, Substrate::Rigid, 750), 1e-9, 'half way between');
        self::assertGreaterThan(OffContact::mm(25, Substrate::Rigid, 500), OffContact::mm(16, Substrate::Rigid, 500), 'not by free mesh alone');
        self::assertEqualsWithDelta(OffContact::mm(20, Substrate::Cotton) + 1.8, OffContact::mm(20, Substrate::Cotton, null, 1.8), 1e-9);
    }

    /** Against squares counted one by one. */
    public function testSharedSquaresAndEdgesAreCounted(): void
    {
        mt_srand(4);
        [$width, $height] = [37, 23];
        $maps = [];
        for ($p = 0; $p < 3; ++$p) {
            $bytes = '';
            for ($i = 0; $i < $width * $height; ++$i) {
                // Nothing at the rim, where counting by rows would wrap round.
                $x = $i % $width;
                $rim = $x === 0 || $x === $width - 1 || $i < $width || $i >= $width * ($height - 1);
                $bytes .= \chr($rim || mt_rand(0, 2) > 0 ? 0 : mt_rand(17, 64));
            }
            $maps[] = new CoverageMap($width, $height, 8, $bytes);
        }
        $contacts = PlateContacts::of($maps);
        $ink = static fn (int $p, int $x, int $y): bool => $x >= 0 && $y >= 0 && $x < $width && $y < $height && \ord($maps[$p]->bytes[$y * $width + $x]) >= 16;
        foreach ([[0, 1], [1, 2], [2, 0]] as [$a, $b]) {
            $over = $touch = 0;
            for ($y = 0; $y < $height; ++$y) {
                for ($x = 0; $x < $width; ++$x) {
                    $near = static fn (int $p): bool => $ink($p, $x, $y) || $ink($p, $x + 1, $y) || $ink($p, $x - 1, $y) || $ink($p, $x, $y + 1) || $ink($p, $x, $y - 1);
                    $both = $ink($a, $x, $y) && $ink($b, $x, $y);
                    $over += (int) $both;
                    $touch += (int) (!$both && $near($a) && $ink($b, $x, $y)) + (int) (!$both && $near($b) && $ink($a, $x, $y));
                }
            }
            self::assertEqualsWithDelta($over / ($width * $height), $contacts->overlaps[$a][$b], 1e-12);
            self::assertEqualsWithDelta($touch / 2 / ($width * $height), $contacts->touches[$a][$b], 1e-12);
        }
    }

    public function testInksAreToldWhatTheirClothAsks(): void
    {
        $says = static function (Substrate $on, InkKind ...$inks): string {
            $inks = array_values($inks);

            return implode(' ', InkSuits::says(array_map(static fn (int $i): string => 'Ink '.$i, array_keys($inks)), $inks, array_map(static fn (int $i): PlateRole => $i === 0 ? PlateRole::Base : PlateRole::Colour, array_keys($inks)), $on));
        };
        self::assertStringContainsString('low-bleed, low-cure ink, for Ink 0 above all', $says(Substrate::Polyester, InkKind::Plastisol));
        self::assertStringContainsString('bonding agent', $says(Substrate::Nylon, InkKind::Plastisol));
        self::assertStringContainsString('Ink 1: special inks print last', $says(Substrate::Cotton, InkKind::Plastisol, InkKind::Puff));
        self::assertStringContainsString('No reducer into Ink 0', $says(Substrate::Cotton, InkKind::Plastisol));
        self::assertStringContainsString('Ink 0: water-based ink dries in the mesh', $says(Substrate::Cotton, InkKind::WaterBased));
        self::assertStringNotContainsString('suffers above', $says(Substrate::Paper, InkKind::WaterBased));
    }

    /** @param list<bool> $watched */
    private static function plan(PressWay $way, int $heads, int $flashes, array $watched = [false, false, false, false]): HeadPlan
    {
        $steps = array_map(static fn (int $i): PrintStep => new PrintStep($i, '', $i < 2, ''), range(0, 3));

        return HeadPlan::of($way, $heads, $flashes, $steps, ['White', 'Sage', 'Moss', 'Rust'], [null, new Lab(70, -18, 5), new Lab(66, -20, 8), new Lab(45, 50, 35)], watched: $watched);
    }

    private static function what(HeadPlace $place): int|string
    {
        return $place->plate ?? ($place->flash ? 'flash' : 'cool');
    }
}
