<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Mesh;

use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Choice\MeshSuggestion;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Mesh\MoireBeat;
use Ektype\Core\Mesh\MoirePicture;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Unit\Refusal;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Beats between plates, and the picture of a beat. */
final class PlatesMoireTest extends TestCase
{
    /** Two equal rulings turned by δ beat with 1 / (2 L sin(δ / 2)). */
    #[TestWith([45.0, 15.0])]
    #[TestWith([45.0, 30.0])]
    #[TestWith([55.0, 7.5])]
    public function testTheRosetteHasItsClosedPeriod(float $lpi, float $apart): void
    {
        $beats = Moire::betweenPlates(new Halftone($lpi, 22.5), new Halftone($lpi, 22.5 + $apart));
        $expected = 1 / (2 * $lpi / 25.4 * sin(deg2rad($apart / 2)));
        self::assertEqualsWithDelta($expected, $beats[0]->periodMm, 1e-6);
        self::assertEqualsWithDelta(1 / $expected, hypot(...$beats[0]->perMm), 1e-9);
    }

    public function testOneAngleIsCalmAndFineRosettesAreNotSeen(): void
    {
        self::assertSame([], Moire::betweenPlates(new Halftone(45, 22.5), new Halftone(45, 22.5)));
        self::assertGreaterThan(
            2 * Moire::scoreOf(Moire::betweenPlates(new Halftone(85, 15), new Halftone(85, 45))),
            Moire::scoreOf(Moire::betweenPlates(new Halftone(85, 15), new Halftone(85, 20))),
        );
    }

    /** Between two rulings at one angle the beat is 1 / (f1 - f2); the share that disturbs is a tenth up to 2 mm, all from 3 to 20, and falls beyond, by the rule as it is written. */
    public function testAPatternDisturbsByItsPeriod(): void
    {
        $perUnit = static function (float $periodMm): float {
            $coarse = 45.0 - 25.4 / $periodMm;
            $beats = Moire::betweenPlates(new Halftone(45.0, 22.5), new Halftone($coarse, 22.5));
            self::assertEqualsWithDelta($periodMm, $beats[0]->periodMm, 1e-6);

            return $beats[0]->contrast;
        };
        $whole = $perUnit(12.0);
        self::assertEqualsWithDelta($whole, $perUnit(19.9), 0.02 * $whole);
        self::assertEqualsWithDelta($whole * (1 - 10 / 40), $perUnit(30.0), 0.03 * $whole);
        self::assertEqualsWithDelta($whole * (1 - 19 / 40), $perUnit(39.0), 0.03 * $whole);
        self::assertEqualsWithDelta($whole * (0.1 + 0.9 * 0.5), $perUnit(2.5), 0.08 * $whole);
    }

    /**
     * The picture’s slow swing is the beat’s: the mean ink of strips across the strongest beat goes up and down with its
     * period and its strength.
     */
    public function testThePictureShowsTheBeat(): void
    {
        $moire = new Moire(new Mesh(90, 48));
        $beats = $moire->beats(45, 0);
        $long = array_values(array_filter($beats, static fn ($b): bool => abs($b->periodMm - 7.06) < 0.1 && abs($b->perMm[1]) < 1e-9))[0];
        $size = 42.36;
        $png = imagecreatefromstring(MoirePicture::png([$long], 45, 0, Moire::TONE, $size, 4));
        self::assertNotFalse($png);
        $n = imagesx($png);
        $mean = [];
        for ($x = 0; $x < $n; ++$x) {
            $sum = 0;
            for ($y = 0, $high = imagesy($png); $y < $high; ++$y) {
                $sum += 244 - (imagecolorat($png, $x, $y) & 0xFF);
            }
            $mean[] = $sum / imagesy($png);
        }
        $at = static function (float $perMm) use ($mean): float {
            $c = $s = 0.0;
            foreach ($mean as $x => $ink) {
                $c += $ink * cos(2 * \M_PI * $perMm * ($x + 0.5) / MoirePicture::PX_PER_MM);
                $s += $ink * sin(2 * \M_PI * $perMm * ($x + 0.5) / MoirePicture::PX_PER_MM);
            }

            return 2 * hypot($c, $s) / array_sum($mean);
        };
        self::assertEqualsWithDelta(abs($long->swing), $at(1 / $long->periodMm), 0.25 * abs($long->swing));
        self::assertLessThan(0.3 * abs($long->swing), $at(2.5 / $long->periodMm), 'no other slow swing');
        $this->expectException(Refusal::class);
        MoirePicture::png([], 45, 0, 0.4, 2000, 2000);
    }

    public function testWhatIsOfferedLiesApartAndIsStillTheCalmest(): void
    {
        $moire = new Moire(new Mesh(90, 48));
        $offered = $moire->calmest(41, 22.5, apart: 2.0);
        self::assertCount(10, $offered);
        self::assertEquals($moire->calmest(41, 22.5)[0], $offered[0]);
        foreach ($offered as $i => $one) {
            foreach (\array_slice($offered, $i + 1) as $other) {
                self::assertTrue($one->lpi !== $other->lpi || abs($one->angle - $other->angle) >= 2.0);
                self::assertLessThanOrEqual(round($other->score, 1), round($one->score, 1));
            }
        }
    }

    /** Of two patterns that swing alike, a rosette of 1.1 mm is texture and 4.3 mm are a fault. */
    public function testARosetteIsTextureAndSomeMillimetresAreAFault(): void
    {
        // 45 lpi: turned against each other by δ the first orders beat with 25.4 / 45 / (2 sin δ/2) mm.
        $turnFor = static fn (float $mm): float => 2 * rad2deg(asin(25.4 / 45 / $mm / 2));
        $strongest = static function (float $mm) use ($turnFor): MoireBeat {
            $near = array_values(array_filter(
                Moire::betweenPlates(new Halftone(45, 20), new Halftone(45, 20 + $turnFor($mm))),
                static fn (MoireBeat $b): bool => abs($b->periodMm - $mm) < 0.02 * $mm,
            ));
            self::assertNotEmpty($near, "a beat of $mm mm");

            return $near[0];
        };
        $swings = [];
        $contrasts = [];
        foreach ([1.1, 1.9, 4.3, 12.0, 19.0] as $mm) {
            $beat = $strongest($mm);
            $swings["$mm"] = abs($beat->swing);
            $contrasts["$mm"] = $beat->contrast * \M_SQRT2 / abs($beat->swing);
        }
        self::assertEqualsWithDelta(['1.1' => 0.1, '1.9' => 0.1, '4.3' => 1.0, '12' => 1.0, '19' => 1.0], $contrasts, 1e-6);
        self::assertEqualsWithDelta($swings['4.3'], $swings['12'], 1e-6, 'the ink swings alike: it is the eye that tells them apart');
        self::assertGreaterThan(5 * Moire::scoreOf([$strongest(1.1)]), Moire::scoreOf([$strongest(4.3)]));
    }

    public function testBareClothAndSolidInkAreNotToBeRemapped(): void
    {
        $asks = static fn (float $from, float $to): MeshQuestion => new MeshQuestion(PlateRole::Colour, Substrate::Cotton, InkKind::Plastisol, null, 45.0, Lab::of(Srgb::fromHex('#101010')), tones: new Tones($from, $to));
        $mesh = new Mesh(120, 34);
        self::assertStringNotContainsString('remapped', MeshSuggestion::judge($mesh, $asks(0.0, 1.0))->why);
        self::assertStringContainsString('remapped', MeshSuggestion::judge($mesh, $asks(0.01, 1.0))->why);
        self::assertStringContainsString('remapped', MeshSuggestion::judge($mesh, $asks(0.0, 0.99))->why);
        self::assertStringNotContainsString('remapped', MeshSuggestion::judge($mesh, $asks(0.1, 0.8))->why);
    }
}
