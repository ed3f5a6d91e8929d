<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Registration;

use Ektype\Core\Registration\Cause;
use Ektype\Core\Registration\CauseKind;
use Ektype\Core\Registration\Causes;
use Ektype\Core\Registration\DoubtfulReadings;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\PlateEvidence;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;
use Ektype\Core\Registration\RegisterWay;
use Ektype\Core\Registration\Repeating;
use Ektype\Core\Registration\SetBack;
use Ektype\Core\Registration\UnusableKnob;
use Ektype\Core\Unit\Point;
use PHPUnit\Framework\TestCase;

/** Prints whose cause is known: each is the one that is named first. */
final class CausesTest extends TestCase
{
    private const MARKS = [[0, 160], [0, -160], [-150, 160], [150, 160], [-150, -160], [150, -160]];

    public function testMeshOfAnotherStretchGrowsAlongTheStroke(): void
    {
        $causes = Causes::of(self::evidence([self::print(along: 0.1)], stretch: 0.2));
        self::assertSame(CauseKind::Stretch, $causes[0]->kind);
        self::assertEqualsWithDelta(0.1 / 100 * 320 / 2, $causes[0]->mm, 0.005);
        self::assertStringContainsString('longer along the stroke, of which the mesh alone gives 0.06 %', $causes[0]->evidence, '0.2 of 320 mm');
    }

    public function testASlackFrameIsNamed(): void
    {
        $causes = Causes::of(self::evidence([self::print(along: 0.15)], tension: 14.0));
        self::assertSame(CauseKind::Plate, $causes[0]->kind);
        self::assertStringContainsString('its frame has 14 N/cm, the key’s 24', $causes[0]->evidence);
    }

    public function testWhereAllPlatesGrowAlikeItIsTheKey(): void
    {
        $causes = Causes::of(self::evidence([self::print(along: 0.12)], others: [0.11, 0.13]));
        self::assertStringContainsString('it is the key that differs', $causes[0]->evidence);
        self::assertStringNotContainsString('it is the key', Causes::of(self::evidence([self::print(along: 0.12)], others: [0.0, -0.1]))[0]->evidence);
    }

    public function testBothWaysAlikeIsShrink(): void
    {
        self::assertSame(CauseKind::Shrink, Causes::of(self::evidence([self::print(along: -0.2, across: -0.18)]))[0]->kind);
    }

    public function testAcrossTheStrokeIsTheFilm(): void
    {
        self::assertSame(CauseKind::FilmPrinter, Causes::of(self::evidence([self::print(across: 0.2)]))[0]->kind);
    }

    public function testOnePlatenIsFoundAmongScatter(): void
    {
        mt_srand(3);
        $prints = $platens = [];
        for ($i = 0; $i < 12; ++$i) {
            $platen = 1 + $i % 4;
            $prints[] = self::print(x: ($platen === 3 ? 0.35 : 0.0) + mt_rand(-20, 20) / 1000, y: mt_rand(-20, 20) / 1000);
            $platens[] = $platen;
        }
        $causes = Causes::of(self::evidence($prints, platens: $platens));
        self::assertSame(CauseKind::Platen, $causes[0]->kind);
        self::assertStringContainsString('platen 3 lie 0.3', $causes[0]->evidence);
        $none = array_filter(Causes::of(self::evidence($prints, platens: array_fill(0, 12, null))), static fn (Cause $c): bool => $c->kind === CauseKind::Platen);
        self::assertSame([], $none, 'no platen is blamed where none was noted');
    }

    public function testScatterAndDragAreTold(): void
    {
        $prints = array_map(static fn (float $x): array => self::print(x: $x), [-0.3, 0.1, 0.3, -0.1]);
        self::assertSame(CauseKind::Scatter, Causes::of(self::evidence($prints))[0]->kind);
        $causes = Causes::of(self::evidence([self::print(y: 0.3)], cameBack: 0.3));
        self::assertSame(CauseKind::Drag, $causes[0]->kind);
        self::assertEqualsWithDelta(0.3, $causes[0]->mm, 1e-9);
        self::assertSame([], Causes::of(self::evidence([self::print()])), 'what is in register needs no cause');
    }

    public function testSetBackTakesCommonDragAwayAtRestOnly(): void
    {
        $rest = SetBack::of(RegisterWay::Films, [0.2, 0.05], [0.08, 0.03], true, 3);
        self::assertSame([0.08, 0.03], [$rest->mm, $rest->reachMm]);
        $printed = SetBack::of(RegisterWay::PrintedMarks, [0.2, 0.05], [0.08, 0.03], true, 3);
        self::assertSame([0.2, 0.05], [$printed->mm, $printed->reachMm]);
        self::assertStringContainsString('0.20 mm away from you', $printed->says, 'a pull drags towards the operator');
        self::assertStringContainsString('towards you', SetBack::of(RegisterWay::PrintedMarks, [0.2, 0.05], [0.1, 0.1], false, 3)->says);
        self::assertSame('too little to set back', SetBack::of(RegisterWay::Films, [0.13, 0.05], [0.01, 0.04], true, 0)->says);
    }

    public function testBothSchoolsAreGuidedPlateByPlate(): void
    {
        foreach (RegisterWay::cases() as $way) {
            $steps = $way->steps('White', ['Straw', 'Rust']);
            self::assertGreaterThanOrEqual(4, \count($steps));
            foreach (['White', 'Straw', 'Rust'] as $name) {
                self::assertStringContainsString($name, implode(' ', $steps));
            }
        }
    }

    public function testTheKeyIsTheBaseOrTheLargestPlate(): void
    {
        self::assertStringContainsString('White is the base', RegisterWay::keySays(['White', 'Rust'], [true, false], [10.0, 90.0]));
        self::assertStringContainsString('Rust covers most', RegisterWay::keySays(['Rust', 'Sage'], [false, false], [90.0, 10.0]));
        self::assertStringContainsString('Rust covers more', RegisterWay::keySays(['Sage', 'Rust'], [false, false], [10.0, 90.0]));
        self::assertSame('Sage prints first and is the key.', RegisterWay::keySays(['Sage', 'Rust'], [false, false], [80.0, 90.0]));
    }

    public function testMarksTooNearTellNoTurn(): void
    {
        $readings = new Readings([[new Reading('a', 0, 150, 0.2, 0.1), new Reading('b', 0.6, 150, 0.25, 0.1)]]);
        $misfit = MisfitFit::of($readings);
        self::assertNull($misfit->rotationDeg);
        self::assertNull($misfit->growth->xPct);
        self::assertEqualsWithDelta(0.225, $misfit->shift->xMm, 1e-12);
        self::assertSame(0.0, Repeating::of($readings->byPrint)->mendable->turnRad);
        self::assertStringContainsString('only 0.6 mm apart', implode(' ', DoubtfulReadings::says($readings, $misfit, null)));
    }

    public function testReadingsThatAreAllTheSameAreDoubted(): void
    {
        $same = static fn (float $x): Readings => new Readings([array_map(static fn (array $m, int $i): Reading => new Reading("m$i", $m[0], $m[1], $x, 0.1), self::MARKS, array_keys(self::MARKS))]);
        self::assertStringContainsString('All readings are the same', implode(' ', DoubtfulReadings::says($same(0.3), MisfitFit::of($same(0.3)), null)));
        $unlike = new Readings([self::print(x: 0.3, along: 0.05)]);
        self::assertStringNotContainsString('the same', implode(' ', DoubtfulReadings::says($unlike, MisfitFit::of($unlike), null)));
    }

    public function testAKnobThatMovesNothingIsRefused(): void
    {
        $this->expectException(UnusableKnob::class);
        $this->expectExceptionMessage('0.00001 mm a turn');
        new Knob('left', new Point(-150, -160), new Point(0, 1), 0.00001);
    }

    /** @return list<Reading> of a print with such growth, % */
    private static function print(float $x = 0.0, float $y = 0.0, float $along = 0.0, float $across = 0.0): array
    {
        return array_map(static fn (array $m, int $i): Reading => new Reading("m$i", $m[0], $m[1], $x + $across / 100 * $m[0], $y + $along / 100 * $m[1]), self::MARKS, array_keys(self::MARKS));
    }

    /**
     * @param list<list<Reading>> $prints
     * @param list<int|null>      $platens
     * @param list<float>         $others
     */
    private static function evidence(array $prints, array $platens = [], float $tension = 24.0, float $stretch = 0.0, array $others = [], ?float $cameBack = null): PlateEvidence
    {
        return new PlateEvidence('Straw', $prints, $platens, $tension, 24.0, $stretch, heightMm: 320.0, widthMm: 300.0, printerPct: 0.0, othersGrew: $others, cameBack: $cameBack);
    }
}
