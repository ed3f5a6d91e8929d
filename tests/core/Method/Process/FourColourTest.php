<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Process;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Mesh\PlateBeats;
use Ektype\Core\Method\Process\AngleSchool;
use Ektype\Core\Method\Process\ProcessPlan;
use Ektype\Core\Method\Process\ProcessRequest;
use Ektype\Core\Mix\FourInks;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\InkProfile;
use Ektype\Core\Mix\LayeredInks;
use Ektype\Core\Mix\MixPlates;
use Ektype\Core\Mix\MixTable;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Separation\GivenInk;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Yellow, magenta, cyan and black: transparent inks that multiply, black that takes its share, ink that has a limit. */
final class FourColourTest extends TestCase
{
    private const PAPER = '#f6f4ee';

    /** A transparent ink lets red, green and blue through by its own share: worked out by hand without Yule and Nielsen. */
    public function testTransparentInksMultiply(): void
    {
        $plain = new PrintedLayers(1.0);
        $light = static fn (string $hex, int $c): float => Srgb::fromHex($hex)->linear()[$c];
        $print = $plain->over(Srgb::fromHex('#c08040'), [new LaidInk(Srgb::fromHex('#40c0e0'), 1.0, 0.3, true), new LaidInk(Srgb::fromHex('#e0e020'), 0.5, 0.9, true)])->linear();
        foreach ([0, 1, 2] as $c) {
            $first = $light('#c08040', $c) * $light('#40c0e0', $c);
            self::assertEqualsWithDelta($first * (0.5 + 0.5 * $light('#e0e020', $c)), $print[$c], 0.006);
        }
        $layered = new LayeredInks(Srgb::fromHex(self::PAPER), FourInks::usual()->inOrder());
        mt_srand(3);
        for ($try = 0; $try < 20; ++$try) {
            $a = array_map(static fn (): float => mt_rand(0, 100) / 100, [0, 1, 2, 3]);
            $model = (new PrintedLayers())->over(Srgb::fromHex(self::PAPER), array_map(static fn (GivenInk $ink, float $c): LaidInk => new LaidInk($ink->colour, $c, 1.0, true), FourInks::usual()->inOrder(), $a));
            self::assertSame($model->hex(), $layered->colour($a)->hex());
            [$root, $adds] = $layered->moved($a);
            foreach (array_keys($a) as $k) {
                $more = $layered->moved(array_replace($a, [$k => $a[$k] + 1e-5]))[0];
                foreach ([0, 1, 2] as $c) {
                    self::assertEqualsWithDelta(($more[$c] - $root[$c]) / 1e-5, $adds[$k][$c], 1e-4);
                }
            }
        }
    }

    public function testWhatFourInksPrintIsSeparatedBack(): void
    {
        $request = self::request();
        $table = $request->mix()->table();
        $layered = $request->mix()->layered();
        mt_srand(11);
        $sum = 0.0;
        for ($i = 0; $i < 40; ++$i) {
            $wished = $layered->colour(array_map(static fn (): float => mt_rand(0, 60) / 100, range(0, 3)));
            $sum += Ciede2000::between(Lab::of($wished), Lab::of($layered->colour(self::at($table, $wished)))) / 40;
        }
        self::assertLessThan(1.2, $sum);
    }

    /** More of the grey by black is less of the three colours; and nowhere lies more ink than is allowed. */
    #[Group('long')]
    public function testBlackTakesItsShareAndInkHasItsLimit(): void
    {
        $grey = new Srgb(70, 68, 66);
        [$little, $much] = [self::at(self::request(0.0)->mix()->table(MixTable::COARSE), $grey), self::at(self::request(1.0)->mix()->table(MixTable::COARSE), $grey)];
        self::assertLessThan(0.12, $little[3]);
        self::assertGreaterThan($little[3] + 0.25, $much[3]);
        self::assertLessThan($little[0] + $little[1] + $little[2] - 0.5, $much[0] + $much[1] + $much[2]);
        $nodes = self::request(0.3, 1.8)->mix()->table(MixTable::COARSE)->nodes;
        self::assertLessThanOrEqual(1.8 + 1e-6, max([0.0, ...array_map(static fn (float ...$a): float => array_sum($a), ...$nodes)]));
    }

    /**
     * Dark and light colours as photographs have them, against the best that four coverages can do at all, each colour for
     * itself by trying: nowhere pale, whatever the share of black and the limit of ink.
     */
    #[Group('long')]
    #[TestWith([0.5, 2.8])]
    #[TestWith([0.5, 2.4])]
    #[TestWith([0.8, 3.2])]
    public function testDarksAreAsDarkAsFourInksCan(float $black, float $total): void
    {
        $table = self::request($black, $total)->mix()->table();
        $layered = self::request()->mix()->layered();
        mt_srand(21);
        $worse = $dark = [];
        for ($i = 0; $i < 70; ++$i) {
            $light = mt_rand(3, 100) / 100;
            $bent = static fn (): int => (int) (255 * $light * (1 - mt_rand(0, 45) / 100));
            $wished = new Srgb($bent(), $bent(), $bent());
            $worse[] = $one = self::off($layered, $wished, self::at($table, $wished)) - self::bestOff($layered, $wished);
            if ($light < 0.3) {
                $dark[] = $one;
            }
        }
        sort($worse);
        self::assertLessThan(0.7, array_sum($worse) / \count($worse));
        self::assertLessThan(2.0, $worse[(int) (0.95 * \count($worse))]);
        self::assertLessThan(1.0, array_sum($dark) / \count($dark));
    }

    private static function bestOff(LayeredInks $layered, Srgb $wished): float
    {
        $least = \INF;
        foreach ([[0.2, 0.2, 0.2, 0.2], [0.6, 0.6, 0.6, 0.6], [0.5, 0.5, 0.5, 1.0], [0.8, 0.8, 0.8, 0.2]] as $a) {
            $here = self::off($layered, $wished, $a);
            for ($step = 0.3; $step > 0.005; $step *= 0.6) {
                do {
                    $better = false;
                    foreach ([0, 1, 2, 3, 0, 1, 2, 3] as $i => $k) {
                        $try = array_replace($a, [$k => max(0.0, min(1.0, $a[$k] + ($i < 4 ? $step : -$step)))]);
                        $then = self::off($layered, $wished, $try);
                        if ($then < $here - 1e-6) {
                            [$a, $here, $better] = [$try, $then, true];
                        }
                    }
                } while ($better);
            }
            $least = min($least, $here);
        }

        return $least;
    }

    /** @param list<float> $coverages */
    private static function off(LayeredInks $layered, Srgb $wished, array $coverages): float
    {
        return Ciede2000::between(Lab::of($wished), Lab::of($layered->colour($coverages)));
    }

    public function testTheFanStandsAsTheSchoolHasItAndIsTurnedOffTheMesh(): void
    {
        self::assertSame([7.5, 82.5, 22.5, 52.5], AngleSchool::Fan->angles(22.5));
        self::assertSame([22.5, 22.5, 22.5, 22.5], AngleSchool::One->angles(22.5));
        $mesh = new Mesh(90.0, 48.0);
        [$lpi, $turn] = PlateBeats::fan($mesh, 45.0, AngleSchool::FAN);
        $moire = new Moire($mesh);
        $loud = static fn (float $ruling, float $by): float => max(array_map(static fn (float $angle): float => $moire->score($ruling, $angle + $by), AngleSchool::FAN));
        foreach ([[45.0, 0.0], [45.0, 7.5], [43.2, 4.0], [46.8, 12.0]] as [$ruling, $by]) {
            self::assertLessThanOrEqual($loud($ruling, $by) + 0.02, $loud($lpi, $turn));
        }
        self::assertEqualsWithDelta(45.0, $lpi, 45.0 * 0.081);
        // The base stands where it makes the weakest pattern with the colours and with its mesh together.
        $colours = new Halftone(45.0, 28.5);
        $apart = PlateBeats::apart($colours, $mesh);
        $loud = static fn (float $angle): float => hypot(Moire::scoreOf(Moire::betweenPlates(new Halftone(45.0, $angle), $colours)), $moire->score(45.0, $angle));
        for ($angle = 43.5; $angle <= 103.5; ++$angle) {
            self::assertLessThanOrEqual($loud($angle) + 0.05, $loud($apart->angleDeg));
        }
    }

    #[Group('long')]
    public function testFilmsOfAPatchCoverWhatTheTableSays(): void
    {
        $rgb = str_repeat("\xb0\x60\x50", 100 * 100);
        $plates = MixPlates::of(new ArtRaster(100, 100, $rgb, false), self::request()->mix());
        self::assertSame(['Process yellow', 'Process magenta', 'Process cyan', 'Process black'], array_map(static fn ($p): string => $p->ink->name, $plates));
        $covers = array_map(static fn ($p): float => $p->coveragePct() / 100, $plates);
        self::assertLessThan(2.5, Ciede2000::between(Lab::of(new Srgb(0xB0, 0x60, 0x50)), Lab::of(self::request()->mix()->layered()->colour($covers))));
        self::assertGreaterThan(5.0, abs($plates[1]->dots->angleDeg - $plates[2]->dots->angleDeg));
    }

    public function testTheFourAreFoundOnAShelfOrMissed(): void
    {
        $shelf = [7 => new GivenInk('Opaque yellow', Srgb::fromHex('#ffe21c')), ...array_combine([11, 12, 13, 14], array_reverse(FourInks::usual()->inOrder()))];
        self::assertSame(['Process yellow', 'Process magenta', 'Process cyan', 'Process black'], array_map(static fn (GivenInk $i): string => $i->name, FourInks::of($shelf)->inOrder()));
        $this->expectException(ImpossibleMix::class);
        $this->expectExceptionMessage('process yellow');
        FourInks::of([1 => new GivenInk('Opaque yellow', Srgb::fromHex('#ffe21c'))]);
    }

    public function testABrokenProfileAndOneOfThreeColoursAreRefused(): void
    {
        foreach (['nothing of a profile', str_repeat("\0", 36).'acsp'.str_repeat("\0", 200), str_repeat("\0", 16).'CMYK'.str_repeat("\0", 16).'acsp'.str_repeat("\0", 300)] as $broken) {
            try {
                InkProfile::of($broken, 'broken.icc');
                self::fail('It was taken.');
            } catch (ImpossibleMix $refused) {
                self::assertStringContainsString('profile', $refused->getMessage());
            }
        }
        foreach ([[-0.1, 2.8], [0.5, 4.4], [0.5, 0.9]] as [$black, $total]) {
            try {
                self::request($black, $total);
                self::fail('It was taken.');
            } catch (ImpossibleMix $refused) {
                self::assertStringContainsString('usual', $refused->getMessage());
            }
        }
    }

    public function testAProfileSaysWhatEachPlatePrints(): void
    {
        // Cyan prints as much as a colour is dark, magenta half of that, yellow a quarter, black nothing.
        $table = InkProfile::of(HandMadeProfile::bytes(), 'by hand.icc')->table();
        foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $grey) {
            $code = (int) round(255 * $grey);
            $dark = 1 - Lab::of(new Srgb($code, $code, $code))->l / 100;
            $node = (int) round(16 * $grey);
            $at = $node + 17 * ($node + 17 * $node);
            foreach ([$dark / 4, $dark / 2, $dark, 0.0] as $plate => $prints) {
                self::assertEqualsWithDelta($prints, $table->nodes[$plate][$at], 0.02, 'yellow, magenta, cyan, black');
            }
        }
        // A grey of L* 53.6 through dots: the films cover that.
        $rgb = str_repeat("\x80\x80\x80", 100 * 100);
        $request = new ProcessRequest(50.0, Srgb::fromHex('#ffffff'), FourInks::usual(), null, 600.0, new ProcessPlan(profile: InkProfile::of(HandMadeProfile::bytes(), 'by hand.icc')));
        $covers = array_map(static fn ($p): float => $p->coveragePct(), MixPlates::of(new ArtRaster(100, 100, $rgb, false), $request->mix()));
        foreach ([11.6, 23.2, 46.4, 0.0] as $i => $pct) {
            self::assertEqualsWithDelta($pct, $covers[$i], 1.5);
        }
    }

    public function testAProfileAndABaseExcludeEachOther(): void
    {
        $this->expectException(ImpossibleMix::class);
        $this->expectExceptionMessage('no base');
        new ProcessRequest(50.0, Srgb::fromHex('#111111'), FourInks::usual(), new GivenInk('White base', Srgb::fromHex('#f6f4ee')), 600.0, new ProcessPlan(profile: InkProfile::of(HandMadeProfile::bytes(), 'by hand.icc')));
    }

    private static function request(float $black = 0.5, float $total = 2.8): ProcessRequest
    {
        return new ProcessRequest(25.4, Srgb::fromHex(self::PAPER), FourInks::usual(), null, 600.0, new ProcessPlan(black: $black, total: $total));
    }

    /** @return list<float> coverages at the node that is nearest */
    private static function at(MixTable $table, Srgb $colour): array
    {
        $coverages = [];
        $last = $table->side - 1;
        $places = array_map(static fn (int $code): array => [min($last - 1, (int) ($code / 255 * $last)), $code / 255 * $last - min($last - 1, (int) ($code / 255 * $last))], [$colour->red, $colour->green, $colour->blue]);
        foreach ($table->nodes as $nodes) {
            $value = 0.0;
            for ($corner = 0; $corner < 8; ++$corner) {
                [$weight, $at, $stride] = [1.0, 0, 1];
                foreach ($places as $axis => [$node, $part]) {
                    $upper = $corner >> $axis & 1;
                    $weight *= $upper === 1 ? $part : 1 - $part;
                    $at += ($node + $upper) * $stride;
                    $stride *= $table->side;
                }
                $value += $weight * $nodes[$at];
            }
            $coverages[] = $value;
        }

        return $coverages;
    }
}
