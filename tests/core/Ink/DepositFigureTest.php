<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Ink;

use Ektype\Core\Ink\Deposit;
use Ektype\Core\Ink\DepositFigure;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Unit\Sign;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Ink that is bought and weighed after these figures. */
final class DepositFigureTest extends TestCase
{
    /** By hand, for 61–64: p 163.93 µm, w 99.93, open (w/p)² 0.3716, D 102.4 µm, 38.05 cm³/m²; × 0.8 = 30.44 µm, 0.7 and 0.9 are its ends. */
    public function testTheWetFilmHasTheTradesEnds(): void
    {
        $figure = DepositFigure::wet(new Deposit(new Mesh(61, 64), InkKind::Plastisol, Laying::Once, 10), new Mesh(61, 64));
        self::assertEqualsWithDelta([30.44, 26.64, 34.25], [$figure->value, $figure->low, $figure->high], 0.01);
        self::assertSame([Sign::Reckoned, 'µm'], [$figure->sign, $figure->unit]);
        self::assertStringContainsString('mesh passes 38.1 cm³/m²', $figure->inputs[0]);
        self::assertSame('one stroke', $figure->inputs[1]);
        self::assertStringContainsString('36 µm', $figure->inputs[2], '30.4 and six tenths of a well of 10 µm');
        self::assertNotSame('nine times in ten', $figure->between, 'ends of a trade figure are no interval');
    }

    /** @param float $density as the book gives it, within 1.1 to 1.5 g/cm³ */
    #[DataProvider('kinds')]
    public function testGramsFollowTheDensityOfTheKind(InkKind $kind, float $density): void
    {
        $deposit = new Deposit(new Mesh(61, 64), $kind, Laying::Once, 0);
        // 250 cm² × 30.44 µm × 10⁻⁴ = 0.761 cm³ a print.
        $figure = DepositFigure::grams($deposit, 250, 200);
        self::assertEqualsWithDelta(0.761 * 200 * $density, (float) $figure->value, 0.001 * 200 * $density);
        self::assertEqualsWithDelta((float) $figure->value * 7 / 8, (float) $figure->low, 0.01);
        self::assertEqualsWithDelta((float) $figure->value * 9 / 8, (float) $figure->high, 0.01);
        self::assertGreaterThanOrEqual(1.1, $density);
        self::assertLessThanOrEqual(1.5, $density);
        self::assertSame(['250 cm² a print, 200 prints', \sprintf('density %.2f g/cm³ for %s', $density, $kind->value)], $figure->inputs);
    }

    /** @return iterable<string, array{InkKind, float}> */
    public static function kinds(): iterable
    {
        yield 'plastisol' => [InkKind::Plastisol, 1.25];
        yield 'water-based' => [InkKind::WaterBased, 1.1];
        yield 'solvent' => [InkKind::Solvent, 1.1];
        yield 'glitter' => [InkKind::Glitter, 1.3];
        yield 'puff' => [InkKind::Puff, 1.15];
        yield 'metallic' => [InkKind::Metallic, 1.4];
    }

    /** A second stroke on wet ink adds a quarter; a second layer, flashed between, as much again. */
    public function testASecondStrokeAddsAQuarterAndASecondLayerAllOfIt(): void
    {
        $one = (new Deposit(new Mesh(43, 80), InkKind::Plastisol, Laying::Once, 0))->wetUm;
        foreach ([[Laying::Twice, 1.25], [Laying::PrintFlashPrint, 2.0]] as [$laying, $share]) {
            self::assertEqualsWithDelta($share * $one, (new Deposit(new Mesh(43, 80), InkKind::Plastisol, $laying, 0))->wetUm, 1e-9);
        }
        $figure = DepositFigure::wet(new Deposit(new Mesh(43, 80), InkKind::Plastisol, Laying::Twice, 0), new Mesh(43, 80));
        self::assertSame('two strokes, the second adds a quarter', $figure->inputs[1]);
    }

    public function testAStencilUnderTheMeshAddsNothing(): void
    {
        $flat = new Deposit(new Mesh(43, 80), InkKind::Plastisol, Laying::Once, -5.0);
        self::assertSame($flat->wetUm, $flat->fineWetUm);
    }

    public function testHidingIsShownInPerCentWithWhatItStandsOn(): void
    {
        $figure = DepositFigure::hiding(0.71, 'Straw', 0.93, 'navy', 12.4);
        self::assertEqualsWithDelta(71.0, (float) $figure->value, 1e-9);
        self::assertSame('%', $figure->unit);
        self::assertSame('Straw hides 93 % through 61–64', $figure->inputs[0]);
        self::assertSame('straight on navy it looks ΔE00 12 off its own colour', $figure->inputs[1]);
    }

    /** No ink hides all, none less than nothing; told hiding outside is brought in, not reckoned on. */
    public function testHidingStaysAShare(): void
    {
        $deposit = new Deposit(new Mesh(43, 80), InkKind::Plastisol, Laying::PrintFlashPrint, 0);
        self::assertSame(0.0, $deposit->hiding(0.0));
        self::assertSame(0.0, $deposit->hiding(-1.0));
        self::assertLessThan(1.0, $deposit->hiding(0.5));
        self::assertGreaterThan(0.9999, $deposit->hiding(2.0));
        self::assertLessThanOrEqual(1.0, $deposit->hiding(2.0));
        self::assertGreaterThan(Hiding::USUAL, Hiding::WISHED);
    }

    public function testOnlyPigmentsThatClogAreCoarse(): void
    {
        foreach (InkKind::cases() as $kind) {
            self::assertSame(\in_array($kind->value, ['glitter', 'puff', 'metallic'], true), $kind->isCoarse(), $kind->value);
        }
    }
}
