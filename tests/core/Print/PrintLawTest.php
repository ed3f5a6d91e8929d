<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Print;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Flash\FlashLearned;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Strokes;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\Hardness;
use Ektype\Core\Press\PressStation;
use Ektype\Core\Press\Pressure;
use Ektype\Core\Press\PressWay;
use Ektype\Core\Press\Rhythm;
use Ektype\Core\Press\Speed;
use Ektype\Core\Print\ByHand;
use Ektype\Core\Print\Cloth;
use Ektype\Core\Print\Drawn;
use Ektype\Core\Print\FrameAtHand;
use Ektype\Core\Print\InkToPrint;
use Ektype\Core\Print\JobToPrint;
use Ektype\Core\Print\PlatePrint;
use Ektype\Core\Print\PlateToPrint;
use Ektype\Core\Print\PressAtHand;
use Ektype\Core\Print\PrintLaw;
use Ektype\Core\Print\PrintPlan;
use Ektype\Core\Print\SizeOfPrint;
use Ektype\Core\Print\StrokeOfPlate;
use Ektype\Core\Run\BeforeFirst;
use Ektype\Core\Run\Settling;
use Ektype\Core\Separation\MethodName;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How a job is printed, worked out here from the rules of the trade. */
final class PrintLawTest extends TestCase
{
    #[TestWith([12.0, Substrate::Fleece, Laying::PrintFlashPrint])]
    #[TestWith([19.9, Substrate::Canvas, Laying::PrintFlashPrint])]
    #[TestWith([20.0, Substrate::Canvas, Laying::Twice])]
    #[TestWith([12.0, Substrate::Cotton, Laying::Twice])]
    #[TestWith([79.9, Substrate::Cotton, Laying::Twice])]
    #[TestWith([80.0, Substrate::Cotton, Laying::Once])]
    #[TestWith([92.0, Substrate::Fleece, Laying::Twice])]
    public function testABaseIsLaidByTheClothAndEveryOtherPlateOnce(float $l, Substrate $on, Laying $base): void
    {
        self::assertSame($base, Strokes::of(PlateRole::Base, new Lab($l, 0, 0), $on)->laying);
        self::assertSame(Laying::Once, Strokes::of(PlateRole::Colour, new Lab($l, 0, 0), $on)->laying);
        self::assertSame(Laying::Once, Strokes::of(PlateRole::Highlight, new Lab($l, 0, 0), $on)->laying);
    }

    /** By hand: the mesh passes 100²/... cm³/m²; grams and seconds are those of the strokes and layers that are told. */
    public function testGramsSecondsAndStationsAreThoseOfTheStrokes(): void
    {
        $plan = self::plan(new Lab(12, 0, 0), Substrate::Cotton);
        [$base, $red, $blue] = $plan->plates;
        self::assertSame([Laying::Twice, Laying::Once, Laying::Once], [$base->laying, $red->laying, $blue->laying]);
        // 61–64: 38.05 cm³/m², 0.8 of it and a quarter more; 100 cm² at 1.25 g/cm³.
        self::assertEqualsWithDelta(100 * 38.05 * 0.8 * 1.25 * 1.25e-4, $base->gramsEach, 0.001);
        self::assertEqualsWithDelta($base->gramsEach * 40, $base->grams(40), 1e-9);
        self::assertEqualsWithDelta($base->gramsEach + $red->gramsEach + $blue->gramsEach, $plan->gramsEach(), 1e-9);
        self::assertSame([3.0 + 5.0, 5.5, 5.5], array_map(static fn (PlatePrint $p): float => $p->seconds, $plan->plates));
        self::assertNotNull($base->flash);
        self::assertNull($red->flash, 'wet on wet on fine mesh');
        self::assertEqualsWithDelta(14 + 8 + 5.5 + 5.5 + $base->flash->dwellS + $base->flash->coolS, $plan->rhythm->secondsAPiece, 1e-9);
        $fleece = self::plan(new Lab(12, 0, 0), Substrate::Fleece);
        [$twice] = $fleece->plates;
        self::assertSame(Laying::PrintFlashPrint, $twice->laying);
        self::assertEqualsWithDelta($base->gramsEach * 2 / 1.25, $twice->gramsEach, 1e-9, 'a second layer is as thick as the first');
        self::assertNotNull($twice->flash);
        self::assertTrue($twice->flash->between);
        self::assertEqualsWithDelta(14 + 2 * 5.5 + 2 * ($twice->flash->dwellS + $twice->flash->coolS) + 11, $fleece->rhythm->secondsAPiece, 1e-9, 'each layer is one stroke, flashed and cooled');
        self::assertCount((int) array_sum(array_map(static fn (array $s): float => round($s[0]) + ceil($s[1]) + ceil($s[2]), [[5.5, $twice->flash->dwellS, $twice->flash->coolS], [5.5, $twice->flash->dwellS, $twice->flash->coolS], [5.5, 0, 0], [5.5, 0, 0]])), $fleece->warmth);
    }

    /** A thinner film is gelled sooner; a lone layer of tones that nobody flashes is flashed between its two layers all the same. */
    public function testTheFlashFollowsTheFilmOfInk(): void
    {
        $thick = self::plan(new Lab(12, 0, 0), Substrate::Cotton)->plates[0]->flash;
        $thin = self::plan(new Lab(12, 0, 0), Substrate::Cotton, base: self::plate(1, 'Base', PlateRole::Base, mesh: new Mesh(120, 34)))->plates[0]->flash;
        self::assertNotNull($thick);
        self::assertNotNull($thin);
        self::assertLessThan($thick->dwellS, $thin->dwellS);
        self::assertGreaterThan($thick->dwellS, $thick->coldS, 'cold platens take longer');
        self::assertSame('gelled', $thick->does);
        self::assertLessThan($thick->dwellS, $thick->fromS);
        $light = self::job([self::plate(1, 'Light', PlateRole::Colour, solvedFor: Laying::PrintFlashPrint)], new Lab(12, 0, 0), Substrate::Cotton);
        $only = PrintLaw::of($light)->plates[0];
        self::assertNotNull($only->flash);
        self::assertTrue($only->flash->between);
        self::assertFalse($only->flash->after, 'the last layer goes straight to the dryer');
        self::assertEqualsWithDelta(14 + 2 * 5.5 + $only->flash->dwellS + $only->flash->coolS, PrintLaw::of($light)->rhythm->secondsAPiece, 1e-9);
    }

    /** Each thing that the hand sets is printed so, is told, and changes what hangs on it. */
    public function testTheHandOverrulesAndItIsTold(): void
    {
        $usual = self::plan(new Lab(12, 0, 0), Substrate::Cotton);
        $hand = new ByHand(Laying::Once, false, 4.0, Hardness::Hard, 82.0, Speed::Brisk, pressure: Pressure::Light, flood: false, offContactMm: 4.2, setBackMm: -0.3, head: 3);
        $plan = self::plan(new Lab(12, 0, 0), Substrate::Cotton, base: self::plate(1, 'Base', PlateRole::Base, hand: $hand));
        $base = $plan->plates[0];
        self::assertSame([Laying::Once, null, Hardness::Hard, 82.0, Speed::Brisk, Pressure::Light, false, 4.2, -0.3, 3], [$base->laying, $base->flash, $base->stroke->hardness, $base->stroke->angleDeg, $base->stroke->speed, $base->stroke->pressure, $base->stroke->flood, $base->standing->offContactMm, $base->standing->setBack->mm, $base->head]);
        foreach (['laying' => 'two strokes', 'flash' => 'yes', 'hardness' => '60–65', 'angleDeg' => '75°', 'speed' => 'slow', 'pressure' => 'firm and steady', 'flood' => 'yes', 'offContactMm' => '2.6 mm', 'head' => '1'] as $what => $was) {
            $why = $base->why($what);
            self::assertNotNull($why, $what);
            self::assertTrue($why->byHand, $what);
            self::assertSame([$was, 'the hand'], [$why->usual, $why->source], $what);
            self::assertFalse($usual->plates[0]->why($what)?->byHand);
        }
        self::assertEqualsWithDelta($usual->plates[0]->gramsEach / 1.25, $base->gramsEach, 1e-9);
        self::assertLessThan($usual->rhythm->secondsAPiece, $plan->rhythm->secondsAPiece);
        $higher = $base->standing;
        // Mesh pressed down by 4.2 in place of 2.6 mm is stretched by the square of it.
        self::assertEqualsWithDelta($usual->plates[0]->standing->landsFarMm * (4.2 / 2.6) ** 2, $higher->landsFarMm, 1e-9);
        $dwell = self::plan(new Lab(12, 0, 0), Substrate::Cotton, base: self::plate(1, 'Base', PlateRole::Base, hand: new ByHand(dwellS: 1.0)))->plates[0]->flash;
        self::assertSame([1.0, 'under-flashed: the next screen picks it up'], [$dwell?->dwellS, $dwell?->does]);
        self::assertFalse(self::plan(new Lab(12, 0, 0), Substrate::Cotton, base: self::plate(1, 'Base', PlateRole::Base, hand: new ByHand(laying: Laying::Twice)))->plates[0]->why('laying')?->byHand, 'a hand that wants what comes anyway changes nothing');
    }

    /** What the hand chose last with this ink on this mesh is the usual one, until it chooses otherwise; dots keep the strokes they were reckoned for. */
    public function testTheHandIsRememberedByInkAndMesh(): void
    {
        $before = new ByHand(Laying::Once, hardness: Hardness::Hard, pressure: Pressure::Light, flood: false);
        $plate = static fn (ByHand $hand, ?Laying $solved = null): PlateToPrint => new PlateToPrint(1, 'Base', PlateRole::Base, new InkToPrint('White', InkKind::Plastisol, new Lab(96, 0, 0)), new Drawn(new Lab(96, 0, 0), 100, 0.2), new Mesh(61, 64), frame: new FrameAtHand('F', 430, 520, 23), solvedFor: $solved, byHand: $hand, before: $before);
        $base = self::plan(new Lab(12, 0, 0), Substrate::Cotton, base: $plate(new ByHand()))->plates[0];
        self::assertSame([Laying::Once, Hardness::Hard, Pressure::Light, false, Speed::Slow], [$base->laying, $base->stroke->hardness, $base->stroke->pressure, $base->stroke->flood, $base->stroke->speed]);
        self::assertSame('as you printed this ink on this mesh last; else two strokes', $base->why('laying')?->reason);
        self::assertFalse($base->why('laying')->byHand);
        self::assertSame(Laying::Twice, self::plan(new Lab(12, 0, 0), Substrate::Cotton, base: $plate(new ByHand(Laying::Twice)))->plates[0]->laying);
        self::assertSame(Laying::PrintFlashPrint, self::plan(new Lab(12, 0, 0), Substrate::Cotton, base: $plate(new ByHand(), Laying::PrintFlashPrint))->plates[0]->laying);
    }

    public function testTwoThingsOnOneHeadAndAHeadThatIsNotThereAreTold(): void
    {
        $says = static fn (int $head): string => implode(' ', self::plan(new Lab(12, 0, 0), Substrate::Cotton, base: self::plate(1, 'Base', PlateRole::Base, hand: new ByHand(head: $head)), press: new PressAtHand(PressWay::Rotary, 4, 1, 4, FlashLearned::of([])))->says);
        self::assertStringContainsString('Two things stand on head 2', $says(2));
        self::assertStringContainsString('There is no head 9: the press has 4', $says(9));
        self::assertSame('', $says(4));
    }

    public function testPrintFlashPrintOnAnAutomaticGoesRoundTwice(): void
    {
        $says = static fn (Substrate $on): string => implode(' ', self::plan(new Lab(12, 0, 0), $on, press: new PressAtHand(PressWay::Automatic, 8, 2, 10, FlashLearned::of([])))->says);
        self::assertStringContainsString('goes round once more', $says(Substrate::Fleece));
        self::assertSame('', $says(Substrate::Cotton));
    }

    /** Two plates of one name at one automatic: the slower sets the pace, 2 s on and 3 + 8 strokes. */
    public function testStationsOfOneNameAreTwoStations(): void
    {
        $rhythm = Rhythm::of([new PressStation('White', 8), new PressStation('White', 1)], 10, true, 1);
        self::assertEqualsWithDelta(2 + 3 + 8 * 2.5, $rhythm->secondsAPiece, 1e-9);
        self::assertEqualsWithDelta(2 + 14, Rhythm::of([new PressStation('A', 1), new PressStation('B', 2), new PressStation('C', 1, 7)], 10, true, 1)->secondsAPiece, 1e-9, 'loading sets it');
        self::assertSame('loading', Rhythm::of([new PressStation('A', 1)], 10, true, 1)->waitsAt);
        self::assertSame('cooling after B', Rhythm::of([new PressStation('A', 1, 15), new PressStation('B', 1, 7, 20)], 10, true, 1)->waitsAt);
        // By hand: 14 and two screens are 25 s of hands; 30 s hot on two platens leave 5 to wait for.
        $hand = Rhythm::of([new PressStation('A', 1, 10, 20), new PressStation('B', 1)], 2, false, 100);
        self::assertEqualsWithDelta(25 + 5, $hand->secondsAPiece, 1e-9);
        self::assertEqualsWithDelta(3600 * 0.88 / 30, $hand->piecesAnHour, 1e-9, 'an eighth goes to pauses');
        self::assertEqualsWithDelta(100 * 30 / 0.88 / 3600, $hand->hours, 1e-9);
    }

    public function testASqueegeeIsWiderThanTheArtAndFitsTheFrame(): void
    {
        $of = static fn (PlateRole $role, ?float $finest, bool $tones, bool $wet, float $art, ?float $inside = null, Mesh $mesh = new Mesh(61, 64)): StrokeOfPlate => StrokeOfPlate::of($role, new Drawn(new Lab(50, 0, 0), 100, 0.2, $finest, $tones), $mesh, InkKind::Plastisol, $wet, $art, insideMm: $inside);
        self::assertSame(Hardness::Soft, $of(PlateRole::Base, null, false, false, 290)->hardness, 'soft for a base');
        self::assertSame(Hardness::Hard, $of(PlateRole::Colour, 0.2, false, false, 290)->hardness, 'hard for detail');
        self::assertSame(Hardness::Cored, $of(PlateRole::Colour, 0.2, false, true, 290)->hardness, 'detail wet on wet');
        self::assertSame(Hardness::General, $of(PlateRole::Colour, 0.8, false, true, 290)->hardness);
        self::assertSame(80.0, $of(PlateRole::Colour, null, true, false, 290)->angleDeg, 'upright for tone');
        self::assertSame(75.0, $of(PlateRole::Colour, null, false, false, 290)->angleDeg);
        self::assertSame([Speed::Slow, Speed::Brisk, Speed::Steady], [$of(PlateRole::Base, null, false, false, 290)->speed, $of(PlateRole::Colour, 0.2, false, false, 290)->speed, $of(PlateRole::Colour, 0.8, false, false, 290)->speed]);
        self::assertSame(Pressure::Firm, $of(PlateRole::Base, null, false, false, 290)->pressure, 'a base on coarse mesh');
        self::assertSame(Pressure::Light, $of(PlateRole::Base, null, false, false, 290, mesh: new Mesh(90, 48))->pressure, 'on fine mesh always light');
        self::assertSame(Pressure::Light, $of(PlateRole::Base, null, true, false, 290)->pressure, 'on tone always light');
        self::assertSame(Pressure::Light, $of(PlateRole::Colour, null, false, false, 290)->pressure);
        foreach ([120.0, 290.0, 333.0] as $art) {
            foreach ([400.0, 430.0, 500.0] as $inside) {
                $squeegee = $of(PlateRole::Colour, null, false, false, $art, $inside);
                if ($squeegee->fits) {
                    self::assertGreaterThanOrEqual($art + 20, $squeegee->widthMm);
                    self::assertLessThanOrEqual($inside - 30, $squeegee->widthMm);
                } else {
                    self::assertGreaterThan($inside - 50, $art);
                    self::assertStringContainsString('take a wider frame', $squeegee->says);
                }
            }
        }
    }

    /** Six where one ink prints on wet ink, three more for each further one, fifteen at the most; the first where none does. */
    public function testWetOnWetTheColourSettlesBeforeItIsJudged(): void
    {
        $with = static fn (bool ...$flashed): int => Settling::prints(PrintLaw::of(self::job(array_map(
            static fn (int $i, bool $flash): PlateToPrint => self::plate($i + 1, "Plate $i", PlateRole::Colour, new Lab(30 + 5 * $i, 10, 10), new Mesh(120, 34), hand: new ByHand(flash: $flash)),
            array_keys(array_values($flashed)),
            array_values($flashed),
        ), new Lab(95, 0, 0), Substrate::Cotton)));
        self::assertSame(1, $with(false), 'a single ink');
        self::assertSame(1, $with(true, true, false));
        self::assertSame(6, $with(false, false));
        self::assertSame(6, $with(true, false, false));
        self::assertSame(9, $with(false, false, false));
        self::assertSame(15, $with(false, false, false, false, false, false));
    }

    public function testBeforeTheFirstPiecePlatensAreWarmedAndGarmentsShrunkWhereAFlashIsUsed(): void
    {
        $four = new PressAtHand(PressWay::Rotary, 6, 1, 4, FlashLearned::of([]));
        $plan = self::plan(new Lab(12, 0, -8), Substrate::Cotton, press: $four);
        self::assertTrue($plan->flashes());
        $cold = array_sum(array_map(static fn (PlatePrint $p): float => $p->flash->coldS ?? $p->flash->dwellS ?? 0.0, $plan->plates));
        $says = BeforeFirst::says($plan);
        self::assertCount(3, $says);
        self::assertStringContainsString(\sprintf('%.0f s on each of 4 platens, about %.0f min', $cold, 3 * 4 * $cold / 60), $says[0]);
        self::assertStringContainsString('shrinks', $says[1]);
        self::assertSame(['Waste cloth first, both sides, until register and colour hold.'], BeforeFirst::says(PrintLaw::of(self::job([self::plate(1, 'Red', PlateRole::Colour)], new Lab(95, 0, 0), Substrate::Cotton))));
        self::assertStringContainsString('Waste sheets', BeforeFirst::says(PrintLaw::of(self::job([self::plate(1, 'Red', PlateRole::Colour)], new Lab(95, 0, 0), Substrate::Paper)))[0]);
    }

    private static function plan(Lab $garment, Substrate $on, ?PlateToPrint $base = null, ?PressAtHand $press = null): PrintPlan
    {
        return PrintLaw::of(self::job([$base ?? self::plate(1, 'Base', PlateRole::Base), self::plate(2, 'Red', PlateRole::Colour, new Lab(45, 60, 40), new Mesh(120, 34)), self::plate(3, 'Blue', PlateRole::Colour, new Lab(30, 10, -50), new Mesh(120, 34))], $garment, $on, $press));
    }

    /** @param list<PlateToPrint> $plates */
    private static function job(array $plates, Lab $garment, Substrate $on, ?PressAtHand $press = null): JobToPrint
    {
        return new JobToPrint($plates, new Cloth($garment, $on), $press ?? PressAtHand::none(), MethodName::from('spot'), new SizeOfPrint(280, 200), pieces: 40);
    }

    private static function plate(int $id, string $name, PlateRole $role, Lab $lab = new Lab(96, 0, 0), Mesh $mesh = new Mesh(61, 64), ?Laying $solvedFor = null, ByHand $hand = new ByHand()): PlateToPrint
    {
        return new PlateToPrint($id, $name, $role, new InkToPrint($name, InkKind::Plastisol, $lab), new Drawn($lab, 100, 0.2), $mesh, frame: new FrameAtHand('F', 430, 520, 23), touches: null, solvedFor: $solvedFor, byHand: $hand);
    }
}
