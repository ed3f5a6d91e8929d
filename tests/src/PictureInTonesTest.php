<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** A photograph is dropped and comes out as plates in dots; every way to print it is kept beside the others. */
final class PictureInTonesTest extends ShopTestCase
{
    protected const BENCHES = ['art/bench', 'plates', 'screens', 'light'];

    private const GARMENT = '#a02028';

    public function testAPhotographOpensSeparatedAndNeverStopsAtARefusal(): void
    {
        $id = $this->photograph();
        $first = $this->ask('GET', "/api/jobs/$id/first-pull");
        self::assertSame(['Top white', 'Black'], array_column($first['plates'], 'name'), 'seen before any worker began');
        $this->work();
        $job = $this->ask('GET', "/api/jobs/$id");
        self::assertTrue($job['separated']);
        self::assertSame(['Top white', 'Black'], array_column($job['plates'], 'name'));
        $bench = $this->ask('GET', "/api/jobs/$id/art/bench");
        self::assertSame('two-tone', $bench['method']);
        self::assertSame('tonal', $bench['kindFound']);
        $plates = $this->ask('GET', "/api/jobs/$id/plates")['plates'];
        foreach ($plates as $plate) {
            self::assertEqualsWithDelta(45, $plate['dots']['lpi'], 4.0);
            self::assertSame($plates[0]['dots']['angleDeg'], $plate['dots']['angleDeg'], 'one angle for both');
            self::assertLessThan(1.5, $plate['dots']['lostPct'] + $plate['dots']['filledPct'], 'brought into what a mesh of the rack holds');
        }
        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        $films = $this->ask('GET', "/api/jobs/$id/films");
        self::assertTrue($films['filmsCurrent'] ?? $this->ask('GET', "/api/jobs/$id")['filmsCurrent']);
        [$manifest] = (array) glob(self::data()."/files/jobs/$id/films-*/manifest.json") + [''];
        $told = json_decode((string) file_get_contents((string) $manifest), true);
        self::assertIsArray($told);
        self::assertSame('two-tone', $told['method']);
        self::assertSame(['round', 'round'], array_column($told['plates'], 'dot'));
    }

    public function testFlatArtStaysSpot(): void
    {
        $id = $this->twoDotsSeparated();
        self::assertSame('spot', $this->ask('GET', "/api/jobs/$id/art/bench")['method']);
        $methods = $this->ask('GET', "/api/jobs/$id/methods")['methods'];
        self::assertSame('spot', $methods[0]['method']);
        self::assertSame([true, true], [$methods[0]['fits'], $methods[0]['followed']]);
        self::assertSame([false], array_values(array_unique(array_column(\array_slice($methods, 1), 'fits'))));
    }

    public function testEachWayIsOfferedWithItsPrintAndWhatItHadIsKept(): void
    {
        $id = $this->separated();
        $offers = [];
        foreach (['spot', 'one ink', 'two-tone'] as $method) {
            $offers[$method] = $this->ask('GET', "/api/jobs/$id/method/".rawurlencode($method));
        }
        self::assertSame([true, true], [$offers['two-tone']['fits'], $offers['one ink']['fits']]);
        self::assertFalse($offers['spot']['fits']);
        self::assertLessThan($offers['one ink']['deltaE'], $offers['two-tone']['deltaE'], 'a second ink comes nearer');

        $this->ask('PATCH', "/api/jobs/$id/plan", ['work' => ['bend' => ['points' => [[40, 60]]], 'crisp' => 30]]);
        $this->ask('PATCH', "/api/jobs/$id/method", ['method' => 'one ink']);
        $one = $this->ask('GET', "/api/jobs/$id/art/bench");
        self::assertSame('one ink', $one['method']);
        self::assertCount(2, $one['plan']['work']['bend']['points'], 'it begins straight');
        $this->work();
        self::assertCount(1, $this->ask('GET', "/api/jobs/$id")['plates']);

        $this->ask('PATCH', "/api/jobs/$id/method", ['method' => 'spot']);
        self::assertArrayNotHasKey('work', $this->ask('GET', "/api/jobs/$id/art/bench")['plan']);
        $this->ask('PATCH', "/api/jobs/$id/method", ['method' => 'two-tone']);
        $again = $this->ask('GET', "/api/jobs/$id/art/bench")['plan'];
        self::assertEqualsWithDelta(30.0, $again['work']['crisp'], 1e-6);
        self::assertEqualsWithDelta(60.0, $again['work']['bend']['points'][1][1], 1e-9);

        self::assertSame('Method of Photograph: two-tone', $this->undo($id)['did'] ?? 'Method of Photograph: two-tone');
        self::assertSame('spot', $this->ask('GET', "/api/jobs/$id/art/bench")['method'], 'Z takes a method back');
    }

    /** A bent curve shows in the small print before it is kept, and in the plates after. */
    public function testABendLightensTheProofAndThePlates(): void
    {
        $id = $this->separated();
        $before = $this->coverage($id);
        $straight = self::lightness($this->proof($id, []));
        $lifted = self::lightness($this->proof($id, ['work' => ['bend' => ['points' => [[30, 50]]]]]));
        self::assertGreaterThan($straight + 6, $lifted);
        self::assertSame($before, $this->coverage($id), 'tried, not kept');
        $this->ask('PATCH', "/api/jobs/$id/plan", ['work' => ['bend' => ['points' => [[30, 50]]]]]);
        self::assertFalse($this->ask('GET', "/api/jobs/$id")['separationCurrent']);
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        $after = $this->coverage($id);
        self::assertGreaterThan($before['Top white'] + 5, $after['Top white']);
        self::assertLessThan($before['Black'] - 5, $after['Black']);
    }

    public function testAGroundThatIsTouchedIsLeftToTheGarment(): void
    {
        $id = $this->separated();
        $before = self::at($this->proof($id, []), 12, 12);
        self::assertGreaterThan(60, Lab::of(new Srgb(...$before))->l, 'the sky of the picture is light');
        $after = self::at($this->proof($id, ['work' => ['grounds' => [[0.03, 0.03]], 'reach' => 20]]), 12, 12);
        foreach ([0xA0, 0x20, 0x28] as $i => $channel) {
            self::assertEqualsWithDelta($channel, $after[$i], 3, 'bare cloth');
        }
    }

    /** Films of an ink that hides otherwise than was thought would print other tones. */
    public function testAnInkThatChangesOnTheShelfAsksForItsPlatesAnew(): void
    {
        $id = $this->separated();
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][0];
        $inks = array_column($this->ask('GET', '/api/shop')['inks'], null, 'id');
        $put = ['name' => $inks[$plate['inkId']]['name'], 'hex' => $inks[$plate['inkId']]['hex'], 'kind' => $inks[$plate['inkId']]['kind']];
        $same = $inks[$plate['inkId']]['hidingPct'];
        $this->ask('PUT', '/api/shop/inks/'.$plate['inkId'], $put + ['hidingPct' => $same]);
        self::assertTrue($this->ask('GET', "/api/jobs/$id")['separationCurrent']);
        $this->ask('PUT', '/api/shop/inks/'.$plate['inkId'], $put + ['hidingPct' => $same - 25]);
        self::assertFalse($this->ask('GET', "/api/jobs/$id")['separationCurrent']);
    }

    public function testRulingOfAPlateIsThatOfThePicture(): void
    {
        $id = $this->separated();
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][0]['id'];
        $this->ask('PATCH', "/api/plates/$plate", ['lpi' => 35.0, 'angleDeg' => 15.0]);
        $this->work();
        foreach ($this->ask('GET', "/api/jobs/$id/plates")['plates'] as $made) {
            self::assertEqualsWithDelta(35.0, $made['dots']['lpi'], 0.05);
            self::assertEqualsWithDelta(15.0, $made['dots']['angleDeg'], 0.05);
        }
        self::assertStringContainsString('without dots there would be none', $this->ask('PATCH', "/api/plates/$plate", ['lpi' => 0], 422)['detail']);
    }

    /** A press that gains 30 % at half tone: its films are drawn smaller, and another ruling borrows what was read. */
    #[Group('long')]
    public function testAGainChartIsKeptBySettingAndDrawsThePlatesAnew(): void
    {
        $id = $this->separated();
        $bench = $this->ask('GET', "/api/jobs/$id/art/bench");
        self::assertStringContainsString('trade default', $bench['gain']['source']);
        $before = $this->coverage($id);
        $heavy = [];
        foreach ([10, 20, 30, 40, 50, 60, 70, 80, 90] as $film) {
            foreach ([-0.4, 0.0, 0.4] as $scatter) {
                $heavy[] = ['filmPct' => $film, 'printedPct' => $film + 0.012 * $film * (100 - $film) + $scatter];
            }
        }
        $read = $this->ask('POST', "/api/jobs/$id/gain", ['readings' => $heavy], 201)['gain'];
        self::assertEqualsWithDelta(30.0, $read['value'], 0.7);
        self::assertLessThan(2.5, $read['high'] - $read['low']);
        self::assertStringContainsString('27 patches', $read['source']);
        self::assertFalse($this->ask('GET', "/api/jobs/$id")['separationCurrent'], 'films of the gain before would print too dark');
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        foreach ($this->coverage($id) as $plate => $covers) {
            self::assertLessThan($before[$plate] - 0.5, $covers, $plate);
        }
        $this->ask('PATCH', "/api/jobs/$id/plan", ['dots' => ['halftone' => ['lpi' => 30]]]);
        $borrowed = $this->ask('GET', "/api/jobs/$id/art/bench")['gain'];
        self::assertStringContainsString('borrowed', $borrowed['source']);
        self::assertMatchesRegularExpression('/4[0-9] lines per inch/', $borrowed['source']);

        // A chart of another ruling is nobody's here: what is nearer stays, and nothing is drawn anew.
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        $this->ask('PATCH', "/api/jobs/$id/plan", ['dots' => ['halftone' => ['lpi' => 44]]]);
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        $far = $this->bring(self::picture(), ['garmentHex' => self::GARMENT, 'widthMm' => '80', 'name' => 'Coarse'])['id'];
        $this->work();
        $this->ask('PATCH', "/api/jobs/$far/plan", ['dots' => ['halftone' => ['lpi' => 22]]]);
        $this->ask('POST', "/api/jobs/$far/gain", ['readings' => $heavy], 201);
        self::assertTrue($this->ask('GET', "/api/jobs/$id")['separationCurrent']);
        self::assertFalse($this->ask('GET', "/api/jobs/$far")['separationCurrent']);
        $borrowed = $this->ask('GET', "/api/jobs/$id/art/bench")['gain'];

        $wild = $this->ask('POST', "/api/jobs/$id/gain", ['readings' => \array_slice($heavy, 0, 3)], 422);
        self::assertStringContainsString('three tones', $wild['detail']);
        self::assertSame($borrowed, $this->ask('GET', "/api/jobs/$id/art/bench")['gain']);
    }

    /** The chart comes as a film, its print is scanned (here by the stand-in, which says so), looked at and then kept. */
    #[Group('long')]
    public function testAChartIsPrintedScannedAndKept(): void
    {
        $id = $this->separated();
        $this->browser->request('GET', "/api/jobs/$id/gain-chart.pdf");
        self::assertStringStartsWith('%PDF-', (string) $this->browser->getResponse()->getContent());
        $seen = $this->ask('POST', "/api/jobs/$id/gain-practice");
        self::assertStringContainsString('simulated', $seen['device']);
        self::assertCount(57, $seen['readings']);
        self::assertEqualsWithDelta($this->ask('GET', "/api/jobs/$id/art/bench")['plan']['dots']['halftone']['lpi'], $seen['lpi'], 1.5);
        self::assertStringContainsString('trade default', $this->ask('GET', "/api/jobs/$id/art/bench")['gain']['source'], 'looked at, nothing is kept');
        $half = $seen['curve'][4];
        self::assertTrue($half['low'] < $half['printedPct'] && $half['printedPct'] < $half['high']);

        $gain = $this->ask('POST', "/api/jobs/$id/gain", ['readings' => $seen['readings'], 'simulated' => true], 201)['gain'];
        self::assertEqualsWithDelta($half['printedPct'] - 50, $gain['value'], 0.2);
        self::assertStringContainsString('simulated press and scanner: not your press', $gain['source']);

        // Not undone on the film, the gain would print all of it darker than it is wished.
        $light = function (bool $uncorrected) use ($id): float {
            $this->browser->jsonRequest('POST', "/api/jobs/$id/tone-proof", ['uncorrected' => $uncorrected]);
            $picture = new \Imagick();
            $picture->readImageBlob((string) $this->browser->getResponse()->getContent());
            $picture->transformImageColorspace(\Imagick::COLORSPACE_GRAY);

            return $picture->getImageChannelMean(\Imagick::CHANNEL_DEFAULT)['mean'];
        };
        self::assertNotEqualsWithDelta($light(false), $light(true), 500.0);
    }

    public function testAScanThatIsNoChartIsRefusedAndNothingIsKept(): void
    {
        $id = $this->separated();
        $path = (string) tempnam(sys_get_temp_dir(), 'scan');
        $blank = new \Imagick();
        $blank->newImage(900, 900, new \ImagickPixel('white'));
        $blank->setImageUnits(\Imagick::RESOLUTION_PIXELSPERINCH);
        $blank->setImageResolution(200, 200);
        $blank->writeImage("png:$path");
        $this->browser->request('POST', "/api/jobs/$id/gain-scan", [], ['scan' => new UploadedFile($path, 'scan.png', null, null, true)]);
        $problem = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertSame(422, $this->browser->getResponse()->getStatusCode());
        self::assertIsArray($problem);
        self::assertStringContainsString('marks of the chart', $problem['detail']);
        self::assertStringContainsString('trade default', $this->ask('GET', "/api/jobs/$id/art/bench")['gain']['source']);
        $this->ask('PATCH', "/api/jobs/$id/method", ['method' => 'spot']);
        self::assertStringContainsString('no picture in dots', $this->ask('POST', "/api/jobs/$id/gain-practice", null, 422)['detail']);
    }

    /** Cloth of density 0.06 and a solid of 1.5: half the light back is a density of 0.33 (Murray and Davies, worked by hand). */
    public function testPatchesAreReadByDensityToo(): void
    {
        $id = $this->separated();
        $density = static fn (float $printed): float => round(0.06 - log10(1 - $printed * (1 - 10 ** -1.44)), 3);
        $patches = array_map(static fn (int $film): array => ['filmPct' => $film, 'density' => $density($film / 100 + 0.2 * sin(\M_PI * $film / 100))], range(10, 90, 10));
        $gain = $this->ask('POST', "/api/jobs/$id/gain", ['readings' => $patches, 'bareDensity' => 0.06, 'solidDensity' => 1.5], 201)['gain'];
        self::assertEqualsWithDelta(20.0, $gain['value'], 0.7);
        $none = $this->ask('POST', "/api/jobs/$id/gain", ['readings' => $patches], 422);
        self::assertSame(['solidDensity', true], [$none['field'] ?? $none['errors'][0]['field'] ?? '', str_contains($none['detail'], 'bare cloth')]);
        $missing = $this->ask('POST', "/api/jobs/$id/gain", ['readings' => [...$patches, ['filmPct' => 95]], 'bareDensity' => 0.06, 'solidDensity' => 1.5], 422);
        self::assertStringContainsString('neither a tone in per cent nor a density', $missing['detail']);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> change, field, a part of the sentence */
    public static function faults(): iterable
    {
        yield 'a curve that falls' => [['work' => ['bend' => ['points' => [[30, 70], [60, 40]]]]], 'work.bend', 'would print darker'];
        yield 'angle 400' => [['dots' => ['halftone' => ['angleDeg' => 400]]], 'dots.halftone.angleDeg', '180'];
        yield 'no picture left' => [['work' => ['darkest' => 60, 'lightest' => 62]], 'work.darkest', 'no picture is left'];
        yield 'a range upside down' => [['dots' => ['range' => ['lightest' => 90, 'darkest' => 10]]], 'dots.range', 'Swap them'];
        yield 'an ink that is gone' => [['dark' => 4711], 'dark', 'not on the shelf'];
        yield 'a point off the curve' => [['work' => ['bend' => ['points' => [[130, 40]]]]], 'work.bend', '100'];
        yield 'no such thing' => [['wings' => 2], 'wings', 'not known here'];
        yield 'half an ink' => [['dark' => 1.5], 'dark', 'no whole number'];
        yield 'a dot that is none' => [['dots' => ['dot' => 'star']], 'dots.dot', 'Use one of'];
        yield 'a word for a number' => [['work' => ['crisp' => 'very']], 'work.crisp', 'not a number'];
        yield 'beyond its bounds' => [['work' => ['crisp' => 130]], 'work.crisp', 'from 0 to 100 %'];
    }

    /** @param array<string, mixed> $tone */
    #[\PHPUnit\Framework\Attributes\DataProvider('faults')]
    public function testWhatCannotBeIsSaidWhereItWasSet(array $tone, string $field, string $says): void
    {
        $id = $this->separated();
        $before = $this->ask('GET', "/api/jobs/$id/art/bench")['plan'];
        $told = $this->ask('PATCH', "/api/jobs/$id/plan", $tone, 422);
        self::assertSame($field, $told['errors'][0]['field'] ?? null, (string) json_encode($told));
        self::assertStringContainsString($says, $told['detail'].' '.json_encode($told['errors'], \JSON_UNESCAPED_UNICODE));
        self::assertSame($before, $this->ask('GET', "/api/jobs/$id/art/bench")['plan'], 'nothing is half kept');
    }

    private function separated(): int
    {
        return $this->beginWith('photograph', function (): void {
            $this->photograph();
            $this->work();
        });
    }

    private function photograph(): int
    {
        return $this->bring(self::picture(), ['garmentHex' => self::GARMENT, 'widthMm' => '80', 'name' => 'Photograph'])['id'];
    }

    /** @return array<array-key, mixed> % by plate */
    private function coverage(int $id): array
    {
        return array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'coveragePct', 'name');
    }

    /** @param array<string, mixed> $tone */
    private function proof(int $id, array $tone): \GdImage
    {
        $this->browser->request('POST', "/api/jobs/$id/tone-proof", server: ['CONTENT_TYPE' => 'application/json'], content: (string) json_encode(['plan' => $tone === [] ? new \stdClass() : $tone]));
        $answer = $this->browser->getResponse();
        self::assertSame(200, $answer->getStatusCode(), (string) $answer->getContent());
        $picture = imagecreatefromstring((string) $answer->getContent());
        self::assertInstanceOf(\GdImage::class, $picture);

        return $picture;
    }

    private static function lightness(\GdImage $picture): float
    {
        $sum = 0.0;
        for ($i = 0; $i < 400; ++$i) {
            $sum += Lab::of(new Srgb(...self::at($picture, (int) (imagesx($picture) * fmod($i * 0.7548, 1.0)), (int) (imagesy($picture) * fmod($i * 0.5698, 1.0)))))->l / 400;
        }

        return $sum;
    }

    /** @return array{int, int, int} */
    private static function at(\GdImage $picture, int $x, int $y): array
    {
        $rgb = (int) imagecolorat($picture, $x, $y);

        return [$rgb >> 16 & 0xFF, $rgb >> 8 & 0xFF, $rgb & 0xFF];
    }

    /** A light sky over a dark hill with a soft sun, grey and grainy: made up. */
    private static function picture(): string
    {
        mt_srand(5);
        $picture = imagecreatetruecolor(480, 360);
        for ($y = 0; $y < 360; ++$y) {
            for ($x = 0; $x < 480; ++$x) {
                $hill = 210 + 40 * sin($x / 70);
                $light = $y < $hill ? 205 - 0.12 * $y : 30 + 0.35 * ($y - $hill) + 40 * exp(-(($x - 300) ** 2 + ($y - 300) ** 2) / 3000);
                $light -= 90 * exp(-(($x - 240) ** 2 + ($y - 120) ** 2) / 2500);
                $grey = (int) max(0, min(255, $light + mt_rand(-2, 2)));
                imagesetpixel($picture, $x, $y, $grey << 16 | $grey << 8 | $grey);
            }
        }
        ob_start();
        imagepng($picture);

        return (string) ob_get_clean();
    }
}
