<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Device\SimulatedStrikeOffScanner;
use Ektype\App\Work\StrikeOff\ScannedStrikeOff;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\RegisterStrip;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Registration\RigidMove;
use Ektype\Core\StrikeOff\StrikeOffRead;
use Ektype\Core\StrikeOff\StripPlan;
use Ektype\Core\StrikeOff\StripPlate;
use Ektype\Core\Unit\Refusal;
use Ektype\Tests\Measure;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Scans of strike-offs whose misfits are known: films printed on grainy cloth, askew, of another size, blurred, as JPEG. */
final class StrikeOffScanTest extends TestCase
{
    private const NAMES = ['White', 'Straw', 'Sage', 'Amber'];
    private const INKS = ['#f4f2ea', '#efe2b8', '#8fb3a0', '#dd8a26'];
    private const NAVY = '#1c2340';

    public function testEveryPlateIsReadFromAScanOf300(): void
    {
        for ($seed = Measure::of(3, 1); $seed <= Measure::of(3, 8); ++$seed) {
            $lies = self::lies($seed);
            $read = self::read(self::scan($seed, $lies, turned: $seed === 3 ? 180.0 : 0.0));
            self::assertSame($seed === 3, $read->upsideDown);
            if ($seed === 3) {
                self::assertStringContainsString('upside down', implode(' ', $read->says));
            }
            self::assertWithin(0.05, $read, $lies, 9);
        }
    }

    #[Group('long')]
    public function testAndToTwoHundredthsFromOneOf600(): void
    {
        for ($seed = 20; $seed <= 21; ++$seed) {
            $lies = self::lies($seed);
            self::assertWithin(0.02, self::read(self::scan($seed, $lies, ppi: 600.0)), $lies, 9);
        }
    }

    #[Group('long')]
    public function testATargetThatIsNotThereIsNamedAndNotGuessed(): void
    {
        $lies = self::lies(5);
        $read = self::read(self::scan(5, $lies, missing: [2]));
        self::assertWithin(0.05, $read, $lies, 8);
        self::assertCount(2, $read->readings(2));
        self::assertStringContainsString('Sage was not read at top left: no cross is to be seen in the ring', implode(' ', $read->says));
    }

    /** Two corners alone lie as well upside down: the key’s dots tell which way. */
    #[Group('long')]
    public function testACornerThatIsCoveredCostsOnlyItsOwnTargets(): void
    {
        foreach (Measure::isLong() ? [0.0, 180.0] : [180.0] as $turned) {
            $lies = self::lies(9);
            $scan = new \Imagick();
            $scan->readImageBlob(self::scan(9, $lies, turned: $turned));
            [$width, $height] = [$scan->getImageWidth(), $scan->getImageHeight()];
            $cover = new \Imagick();
            $cover->newImage((int) ($width * 0.46), (int) ($height * 0.32), new \ImagickPixel(self::NAVY));
            $scan->compositeImage($cover, \Imagick::COMPOSITE_OVER, $turned > 0 ? (int) ($width * 0.54) : 0, $turned > 0 ? (int) ($height * 0.68) : 0);
            $read = self::read($scan->getImageBlob());
            self::assertSame($turned > 0, $read->upsideDown);
            self::assertWithin(0.05, $read, $lies, 6);
            foreach ($read->targets as $target) {
                self::assertSame($target->corner === 'top left', $target->off === null);
            }
        }
    }

    #[Group('long')]
    public function testAPlateThatLiesTooFarOffIsNotReadRatherThanWrongly(): void
    {
        [$key, , $sage, $amber] = self::lies(6);
        $lies = [$key, new RigidMove(2.6, -0.4, 0.0), $sage, $amber];
        $read = self::read(self::scan(6, $lies));
        self::assertSame([], $read->readings(1));
        self::assertStringContainsString('Straw was not read at any corner', implode(' ', $read->says));
        self::assertCount(3, $read->readings(3));
    }

    public function testScansOfOtherThingsAreRefused(): void
    {
        $scan = self::scan(7, self::lies(7));
        self::refused('The dots beside the print are those of another film set', $scan, self::plan(['White', 'Straw', 'Fern', 'Amber']));
        self::refused('not on the scan where the films of this job have them', $scan, self::plan(self::NAMES, width: 140));
        self::refused('The key’s ink is nearly the colour of the cloth', $scan, self::plan(self::NAMES, cloth: '#eeeeea'));
        $mirror = new \Imagick();
        $mirror->readImageBlob($scan);
        $mirror->flopImage();
        self::refused('mirrored', $mirror->getImageBlob(), self::plan());
        $coarse = new \Imagick();
        $coarse->readImageBlob($scan);
        $coarse->setImageResolution(72, 72);
        self::refused('72 pixels an inch, too coarse', $coarse->getImageBlob(), self::plan());
        self::refused('no scan that can be read', 'no picture', self::plan());
        self::refused('breaks off or is damaged', substr($scan, 0, 2000), self::plan());
    }

    public function testScreensThatWereChangedOverAreSaid(): void
    {
        // Amber hangs where Straw should, and Straw where Amber should.
        $swapped = self::picture(8, self::lies(8), inks: [self::INKS[0], '#3355cc', self::INKS[2], '#cc2222']);
        $plan = self::plan(inks: [self::INKS[0], '#cc2222', self::INKS[2], '#3355cc']);
        self::assertStringContainsString('In the targets of Straw the ink looks like Amber', implode(' ', self::read($swapped, $plan)->says));
    }

    /** @return list<RigidMove> */
    private static function lies(int $seed): array
    {
        mt_srand($seed);
        $lies = [new RigidMove(0.0, 0.0, 0.0)];
        for ($k = 1; $k < 4; ++$k) {
            $lies[] = new RigidMove(mt_rand(-80, 80) / 100, mt_rand(-80, 80) / 100, mt_rand(-30, 30) / 10000);
        }

        return $lies;
    }

    /**
     * @param list<string> $names
     * @param list<string> $inks
     */
    private static function plan(array $names = self::NAMES, float $width = 84, string $cloth = self::NAVY, array $inks = self::INKS): StripPlan
    {
        $strip = RegisterStrip::on(self::sheet($width), $names);
        self::assertNotNull($strip);
        $plates = array_map(static fn (string $n, string $h): StripPlate => new StripPlate($n, Srgb::fromHex($h)), $names, $inks);
        self::assertNotSame([], $plates);

        return StripPlan::of($strip, $plates, Srgb::fromHex($cloth));
    }

    private static function sheet(float $width = 84): FilmSheet
    {
        return new FilmSheet((int) ($width / 25.4 * 600), (int) (52 / 25.4 * 600), 600, 4);
    }

    /**
     * @param list<RigidMove> $lies
     * @param list<int>       $missing
     */
    private static function scan(int $seed, array $lies, float $ppi = 300.0, array $missing = [], float $turned = 0.0): string
    {
        return self::picture($seed, $lies, $ppi, $missing, $turned);
    }

    /**
     * @param list<RigidMove> $lies
     * @param list<int>       $missing
     * @param list<string>    $inks
     */
    private static function picture(int $seed, array $lies, float $ppi = 300.0, array $missing = [], float $turned = 0.0, array $inks = self::INKS): string
    {
        $sheet = self::sheet();
        $art = [];
        for ($k = 0; $k < 4; ++$k) {
            $rows = '';
            for ($y = 0; $y < $sheet->artHeightPx; ++$y) {
                $rows .= str_repeat(intdiv($y, 150 + 40 * $k) % 2 === 0 ? "\xff" : "\0", ($sheet->artWidthPx + 7) >> 3);
            }
            $art[] = BitPlane::within($sheet->artWidthPx, $sheet->artHeightPx, $rows);
        }

        return (new SimulatedStrikeOffScanner())->picture($sheet, $art, self::NAMES, array_map(Srgb::fromHex(...), $inks), Srgb::fromHex(self::NAVY), $lies, $ppi, $seed, $missing, $turned);
    }

    private static function read(string $scan, ?StripPlan $plan = null): StrikeOffRead
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'scan');
        file_put_contents($path, $scan);
        try {
            return ScannedStrikeOff::read($path, $plan ?? self::plan());
        } finally {
            unlink($path);
        }
    }

    private static function refused(string $why, string $scan, StripPlan $plan): void
    {
        try {
            self::read($scan, $plan);
            self::fail('It was read: '.$why);
        } catch (Refusal $refusal) {
            self::assertStringContainsString($why, $refusal->getMessage());
        }
    }

    /** @param list<RigidMove> $lies */
    private static function assertWithin(float $limit, StrikeOffRead $read, array $lies, int $seen): void
    {
        $count = 0;
        foreach ($read->targets as $target) {
            if ($target->off === null) {
                continue;
            }
            ++$count;
            $of = $lies[$target->plate];
            self::assertEqualsWithDelta($of->xMm - $of->turnRad * $target->at->yMm, $target->off->xMm, $limit, "plate {$target->plate} at {$target->corner}");
            self::assertEqualsWithDelta($of->yMm + $of->turnRad * $target->at->xMm, $target->off->yMm, $limit, "plate {$target->plate} at {$target->corner}");
        }
        self::assertSame($seen, $count, implode(' ', $read->says));
    }
}
