<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Device\SimulatedStripScanner;
use Ektype\App\Work\Picture\ScannedPositive;
use Ektype\App\Work\Strip\ScannedStrips;
use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\StepTest\StripsRead;
use Ektype\Core\Unit\Refusal;
use PHPUnit\Framework\Attributes\Group;

/** The bench of the light and of step tests, as pages ask for them. */
final class LightBenchTest extends ShopTestCase
{
    protected const BENCHES = ['screens', 'light'];

    public function testATestThatDisagreesIsNamedAndCanBeSetAside(): void
    {
        $id = $this->twoDotsOnFrames();
        $before = $this->ask('GET', "/api/jobs/$id/light");
        $plate = $before['plates'][0];
        $bad = $this->ask('POST', '/api/step-tests', ['lampId' => 1, 'emulsionId' => 1, 'thicknessUm' => $plate['thicknessUm'], 'dyed' => false, 'lowS' => 6 * $plate['light']['value'], 'highS' => 7 * $plate['light']['value']], 201);
        $with = $this->ask('GET', "/api/jobs/$id/light");
        self::assertContains($bad['id'], self::doubted($with));
        self::assertEqualsWithDelta(log($plate['light']['value']), log($with['plates'][0]['light']['value']), 0.1, 'one slip does not move what many tests say');
        self::assertTrue($this->ask('POST', '/api/step-tests/'.$bad['id'].'/aside', ['aside' => true])['setAside']);
        $without = $this->ask('GET', "/api/jobs/$id/light");
        self::assertNotContains($bad['id'], self::doubted($without));
        self::assertEqualsWithDelta($plate['light']['low'], $without['plates'][0]['light']['low'], 1e-6);
        self::assertFalse($this->ask('POST', '/api/step-tests/'.$bad['id'].'/aside', ['aside' => false])['setAside']);
    }

    public function testEveryBurnCountsOnTheHoursOfItsLampAndIsInItsLog(): void
    {
        $id = $this->twoDotsOnFrames();
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][1];
        $hours = $this->ask('GET', '/api/lamps/1')['lamp']['hours'];
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 36]);
        $lamp = $this->ask('GET', '/api/lamps/1');
        self::assertEqualsWithDelta($hours + 0.01, $lamp['lamp']['hours'], 1e-6);
        self::assertEqualsWithDelta(36, $lamp['burns'][0]['seconds'], 1e-9);
        self::assertSame($plate['name'], $lamp['burns'][0]['plate']);
        self::assertEqualsWithDelta(360, $lamp['burns'][0]['units'], 1e-6, 'its integrator counts ten units a second');
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 0]);
        self::assertEqualsWithDelta($hours, $this->ask('GET', '/api/lamps/1')['lamp']['hours'], 1e-6);
    }

    /** A lamp with an integrator counts light, not hours; its tests stand on the chart at its hours all the same. */
    public function testTheDriftOfALampWithAnIntegratorStandsAtItsHours(): void
    {
        $hours = array_column($this->ask('GET', '/api/lamps/1')['drift'], 'hours');
        self::assertNotSame([], $hours);
        self::assertGreaterThan(100, min($hours));
        self::assertGreaterThan(100, max($hours) - min($hours));
    }

    public function testOneTimeForLikeScreensOrEachItsOwn(): void
    {
        $id = $this->twoDotsOnFrames();
        $own = $this->ask('GET', "/api/jobs/$id/light");
        self::assertFalse($own['oneTime']);
        $this->ask('PATCH', "/api/jobs/$id/light", ['oneTime' => true]);
        $one = $this->ask('GET', "/api/jobs/$id/light");
        self::assertTrue($one['oneTime']);
        $times = array_column($one['plates'], 'light', 'id');
        foreach ($one['batches'] as $batch) {
            foreach ($batch['plates'] as $plate) {
                self::assertEqualsWithDelta($batch['seconds'], $times[$plate]['value'], 1e-9);
            }
        }
        self::assertSame(\count($one['plates']), array_sum(array_map(static fn (array $b): int => \count($b['plates']), $one['batches'])));
    }

    public function testAScreenImagedStraightHasNoFilmToPlaceAndATermOfItsOwn(): void
    {
        $id = $this->twoDotsOnFrames();
        $film = $this->ask('GET', "/api/jobs/$id/light")['plates'][0];
        self::assertNotNull($film['placement']);
        $this->ask('PATCH', "/api/jobs/$id/light", ['withoutFilm' => true]);
        $bench = $this->ask('GET', "/api/jobs/$id/light");
        $straight = $bench['plates'][0];
        self::assertTrue($bench['withoutFilm']);
        self::assertNull($straight['placement']);
        self::assertEqualsWithDelta(0.0, $straight['penumbraMm'], 1e-12);
        self::assertGreaterThan(2 * log($film['light']['high'] / $film['light']['low']), log($straight['light']['high'] / $straight['light']['low']));
        self::assertSame('film', $straight['shares'][0]['cause']);
    }

    /** Which lets more light through nobody knows before it was tested there: the time of the reference, less sure; a test on it settles it. */
    public function testVellumIsAFilmOfItsOwnUntilATestWasMadeThroughIt(): void
    {
        $id = $this->twoDotsOnFrames();
        $plate = fn (): array => $this->ask('GET', "/api/jobs/$id/light")['plates'][0];
        $wide = static fn (array $p): float => log($p['light']['high'] / $p['light']['low']);
        $clear = $plate();
        $shop = $this->ask('POST', '/api/shop/printers', ['name' => 'Laser', 'dpi' => 600, 'mediaWidthMm' => 297, 'medium' => 'vellum'], 201);
        $printer = array_values(array_filter($shop['filmPrinters'], static fn (array $p): bool => $p['profile']['name'] === 'Laser'))[0];
        self::assertSame('vellum', $printer['profile']['medium']);
        $this->ask('PATCH', "/api/jobs/$id/films", ['filmPrinterId' => $printer['id']]);
        $bench = $this->ask('GET', "/api/jobs/$id/light");
        self::assertSame('vellum', $bench['film']);
        $vellum = $bench['plates'][0];
        self::assertEqualsWithDelta($clear['light']['value'], $vellum['light']['value'], 0.02 * $clear['light']['value']);
        self::assertGreaterThan($wide($clear) + 0.3, $wide($vellum));
        self::assertSame('film', $vellum['shares'][0]['cause']);
        // Three tests through it at 1.3 times the time of clear film.
        $job = $this->ask('GET', "/api/jobs/$id");
        $best = 1.3 * $clear['light']['value'];
        for ($k = 0; $k < 3; ++$k) {
            $this->ask('POST', '/api/step-tests', ['lampId' => $job['lampId'], 'emulsionId' => $job['emulsionId'], 'thicknessUm' => $vellum['thicknessUm'], 'dyed' => $vellum['meshGeometry']['dyed'] ?? false, 'lowS' => 0.93 * $best, 'bestS' => $best, 'highS' => 1.07 * $best, 'film' => 'vellum'], 201);
        }
        $tested = $plate();
        self::assertEqualsWithDelta($best, $tested['light']['value'], 0.06 * $best);
        self::assertLessThan($wide($vellum) - 0.3, $wide($tested));
        $this->ask('PATCH', '/api/plates/'.$tested['id'], ['burnedSeconds' => round($best, 1)]);
        $this->ask('PUT', '/api/shop/printers/'.$printer['id'], ['name' => 'Laser', 'dpi' => 600, 'mediaWidthMm' => 297]);
        self::assertSame('', $this->ask('GET', "/api/jobs/$id/light")['film'], 'another film from now on; the stencil stays burned through vellum');
    }

    public function testThePlanOfATestFollowsWhatIsExpected(): void
    {
        $bench = $this->ask('GET', '/api/step-tests/plan?lampId=1&emulsionId=1&thicknessUm=101&dyed=true');
        $strips = $bench['plan']['strips'];
        self::assertEqualsWithDelta($bench['expectedS'], $strips[intdiv(\count($strips), 2)]['getsS'], $bench['plan']['incrementS']);
        self::assertEqualsWithDelta(4.0, $this->ask('GET', '/api/step-tests/plan?lampId=1&emulsionId=1&thicknessUm=101&incrementS=4&strips=6')['plan']['incrementS'], 1e-9);
        self::assertStringContainsString('cannot be told apart', $this->ask('GET', '/api/step-tests/plan?lampId=1&emulsionId=1&thicknessUm=101&incrementS=1&strips=6&firstS=90', null, 422)['detail']);
    }

    /** The film as it comes out of the printer: 188 mm wide with its marks, a strip of 17 mm for each of five. */
    public function testItsFilmIsTrueToSize(): void
    {
        $this->browser->request('GET', '/api/step-tests/film.pdf?dpi=600&strips=5');
        $pdf = $this->browser->getInternalResponse()->getContent();
        self::assertStringStartsWith('%PDF', $pdf);
        self::assertSame(1, preg_match('~/MediaBox \\[0(?:\\.0+)? 0(?:\\.0+)? ([0-9.]+) ([0-9.]+)\\]~', $pdf, $box));
        $sheet = \Ektype\Core\StepTest\TestFilm::sheet(600, 5);
        self::assertEqualsWithDelta($sheet->mm($sheet->widthPx), (float) $box[1] / 72 * 25.4, 0.5);
        self::assertGreaterThan(5 * 17, (float) $box[2] / 72 * 25.4);
        $this->ask('GET', '/api/step-tests/film.pdf?dpi=100', null, 422);
    }

    public function testTheNextTestIsOneThatTeachesWhatWaits(): void
    {
        $this->twoDotsOnFrames();
        $offers = $this->ask('GET', '/api/step-tests/next');
        self::assertNotSame([], $offers);
        self::assertLessThan($offers[0]['nowPct'], $offers[0]['thenPct']);
        self::assertLessThanOrEqual($offers[1]['thenPct'], $offers[0]['thenPct']);
    }

    public function testStripsAreReadAndLearnedFrom(): void
    {
        $strips = [];
        foreach ([[6, 0.3, 0.05, true], [12, 0.15, 0.1, false], [18, 0.1, 0.1, false], [24, 0.1, 0.2, false]] as [$s, $kept, $open, $slime]) {
            $strips[] = ['seconds' => $s, 'positiveLine' => $kept, 'reverseLine' => $open, 'dot' => null, 'hole' => null, 'slime' => $slime];
        }
        $read = $this->ask('POST', '/api/step-tests/read', ['strips' => $strips]);
        self::assertEquals([12, 18, 24], [$read['lowS'], $read['bestS'], $read['highS']]);
        $before = $this->ask('GET', '/api/lamps/1')['lamp']['hours'];
        $kept = $this->ask('POST', '/api/step-tests', ['lampId' => 1, 'emulsionId' => 1, 'thicknessUm' => 101, 'dyed' => true, 'lowS' => 12, 'bestS' => 18, 'highS' => 24, 'incrementS' => 6, 'strips' => $strips], 201);
        self::assertEquals(18, $kept['bestS']);
        self::assertEqualsWithDelta($before + 24 / 3600, $this->ask('GET', '/api/lamps/1')['lamp']['hours'], 1e-9, 'the lamp burned for its longest strip');
        $refused = $this->ask('POST', '/api/step-tests/read', ['strips' => array_reverse($strips)], 422);
        self::assertStringContainsString('does not follow', $refused['detail']);
    }

    /** What a start loses is kept with the lamp, and taken off what several burns were given. */
    public function testAStartLossIsMeasured(): void
    {
        self::assertEqualsWithDelta(0.5, $this->ask('POST', '/api/lamps/2/start-loss', ['longS' => 45.5, 'shortS' => 5, 'burns' => 10])['lamp']['startLossS'], 1e-9);
        self::assertStringContainsString('no lamp gives more in pieces', $this->ask('POST', '/api/lamps/2/start-loss', ['longS' => 80, 'shortS' => 5, 'burns' => 10], 422)['detail']);
    }

    public function testAPointLampIsToldWhereToStandAndTubesAreNot(): void
    {
        self::assertStringContainsString('does not thin', $this->ask('GET', '/api/lamps/2/distances?widthMm=300&heightMm=400&seconds=60', null, 422)['detail']);
        $this->ask('POST', '/api/shop/lamps', ['name' => 'Arc', 'kind' => 'metal_halide', 'hours' => 0, 'distanceMm' => 600], 201);
        $arc = array_column($this->ask('GET', '/api/shop')['lamps'], 'id', 'name')['Arc'];
        $rows = $this->ask('GET', "/api/lamps/$arc/distances?widthMm=300&heightMm=400&seconds=60");
        $chosen = array_values(array_filter($rows, static fn (array $r): bool => $r['chosen']))[0];
        self::assertGreaterThanOrEqual(80, $chosen['cornerPct']);
        // (d² / (d² + 250²))^1.5 = 0.8 at d = 250 / √(0.8^(−2/3) − 1) = 625 mm
        self::assertEqualsWithDelta(650, $chosen['mm'], 1e-9);
    }

    public function testTheLampIsLitAndItsIntegratorSaysWhatItCounts(): void
    {
        $run = $this->ask('POST', '/api/lamps/1/light', ['seconds' => 20]);
        self::assertSame('simulated lamp', $run['device']);
        self::assertEqualsWithDelta(200, $run['units'], 1e-9);
        self::assertGreaterThanOrEqual(20, $run['burnsS'], 'a faded lamp stays lit longer for the same light');
        $this->ask('POST', '/api/lamps/1/light', ['seconds' => -3], 422);
    }

    /** Pictures by the stand-in, askew and grainy, against what it knows. A hundred of them are read by the bench. */
    #[Group('long')]
    public function testAPictureOfStripsShowsWhatIsOnTheScreen(): void
    {
        $scanner = new SimulatedStripScanner();
        $scans = new ScannedStrips(new ScannedPositive());
        $right = 0;
        foreach ([[20.0, 1], [31.0, 2], [12.5, 3]] as [$time, $seed]) {
            $seconds = array_map(static fn (int $k): float => $k * round($time / 3.5, 1), range(1, 6));
            $read = self::readPicture($scans, $scanner->picture($time, $seconds, $seed), $seconds);
            $truth = StripsRead::of($scanner->truth($time, $seconds));
            $right += $read->read->bestS === $truth->bestS ? 1 : 0;
            self::assertTrue($read->read->bestS === $truth->bestS || $read->unsure);
            foreach ($scanner->truth($time, $seconds) as $k => $strip) {
                // A size that is just held may be read one step off; slime hides dots.
                self::assertTrue($strip->slime || (($strip->dot ?? 1.0) <= ($read->strips[$k]->dot ?? 1.0) + 0.06 && ($strip->dot ?? 1.0) >= ($read->strips[$k]->dot ?? 1.0) - 0.06));
            }
        }
        self::assertGreaterThanOrEqual(2, $right);
    }

    /** A photograph says no resolution, or a screen’s: its marks do. */
    #[Group('long')]
    public function testAPhotographWithoutAResolutionIsReadByItsMarks(): void
    {
        $seconds = [6.0, 12.0, 18.0, 24.0, 30.0, 36.0];
        $picture = new \Imagick();
        $picture->readImageBlob((new SimulatedStripScanner())->picture(20.0, $seconds, 5));
        $picture->setImageResolution(72, 72);
        $picture->setImageFormat('jpeg');
        $read = self::readPicture(new ScannedStrips(new ScannedPositive()), $picture->getImageBlob(), $seconds);
        self::assertSame(StripsRead::of((new SimulatedStripScanner())->truth(20.0, $seconds))->bestS, $read->read->bestS);
    }

    public function testAPictureWithoutStripsIsRefused(): void
    {
        $noise = imagecreatetruecolor(900, 700);
        for ($i = 0; $i < 4000; ++$i) {
            imagefilledellipse($noise, ($i * 7919) % 900, ($i * 104_729) % 700, 4 + $i % 9, 4 + $i % 7, ($i * 2_654_435) & 0xFFFFFF);
        }
        ob_start();
        imagejpeg($noise);
        $picture = (string) ob_get_clean();
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('The marks of a test film of 6 strips were not all found');
        self::readPicture(new ScannedStrips(new ScannedPositive()), $picture, [6.0, 12.0, 18.0, 24.0, 30.0, 36.0]);
    }

    public function testTimesThatAreNoneAreRefusedBeforeThePictureIsLookedAt(): void
    {
        $this->expectException(UnusableTest::class);
        $this->expectExceptionMessage('is no time of a strip');
        (new \Ektype\App\Api\Light\PictureOfStrips('6, soon, 18'))->times();
    }

    /** One burn of 40 s through a film whose fields pass half, six and seven tenths of the light. */
    public function testAFilterFilmIsRecordedByTheSharesOfItsFields(): void
    {
        $test = $this->ask('POST', '/api/step-tests', ['lampId' => 1, 'emulsionId' => 1, 'thicknessUm' => 100, 'burnedS' => 40, 'lowFilter' => 0.5, 'bestFilter' => 0.6, 'highFilter' => 0.7], 201);
        self::assertEqualsWithDelta([20, 24, 28], [$test['lowS'], $test['bestS'], $test['highS']], 1e-9);
        $this->ask('POST', '/api/step-tests', ['lampId' => 1, 'emulsionId' => 1, 'thicknessUm' => 100, 'burnedS' => 40, 'lowFilter' => 1.5], 422);
    }

    /**
     * @param array<mixed> $bench
     *
     * @return list<mixed>
     */
    private static function doubted(array $bench): array
    {
        return array_column(array_filter($bench['surprises'], static fn (array $s): bool => $s['disagrees']), 'id');
    }

    /** @param list<float> $seconds */
    private static function readPicture(ScannedStrips $scans, string $picture, array $seconds): \Ektype\Core\StepTest\ReadStrips
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'ektype-strips');
        file_put_contents($file, $picture);
        try {
            return $scans->read($file, $seconds);
        } finally {
            unlink($file);
        }
    }
}
