<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\Tests\Core\Method\Process\HandMadeProfile;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** A job whose picture is printed in many inks: chosen, exchanged, ordered, shifted; each method beside the others. */
final class ManyInksJobTest extends ShopTestCase
{
    protected const BENCHES = ['art/bench', 'plates', 'screens'];

    private const BLACK = '#131315';

    #[Group('long')]
    public function testInksAreChosenKeptAndExchangedByTouch(): void
    {
        $id = $this->picture(self::BLACK);
        $this->ask('PATCH', "/api/jobs/$id/method", ['method' => 'simulated']);
        $this->work();
        $bench = $this->ask('GET', "/api/jobs/$id/art/bench");
        self::assertSame('simulated', $bench['method']);
        $chosen = $bench['plan']['inks']['inks'];
        self::assertIsArray($chosen, 'what was chosen on the way is kept with the plates');
        $head = $this->ask('GET', "/api/jobs/$id");
        self::assertTrue($head['separationCurrent']);
        self::assertSame('base', $head['plates'][0]['role']);
        self::assertCount(\count($chosen) + 1, $head['plates']);

        $inks = $this->ask('GET', "/api/jobs/$id/inks");
        self::assertSame($head['plates'][0]['name'], $inks['base']);
        $off = array_column($inks['counts'], 'deltaE');
        foreach ($off as $i => $one) {
            self::assertLessThanOrEqual($off[max(0, $i - 1)] + 0.05, $one, 'more screens come nearer');
        }
        $own = $this->ask('POST', "/api/jobs/$id/ink-proof", ['inks' => $chosen]);
        $count = array_values(array_filter($inks['counts'], static fn (array $c): bool => $c['screens'] === \count($chosen) + 1))[0];
        self::assertEqualsWithDelta($count['deltaE'], $own['deltaE'], 0.02, 'the line and the trial tell the same');
        self::assertStringStartsWith('data:image/png;base64,iVBOR', $own['picture']);
        $dropped = $this->ask('POST', "/api/jobs/$id/ink-proof", ['inks' => \array_slice($chosen, 1)]);
        self::assertGreaterThan($own['deltaE'] + 0.3, $dropped['deltaE'], 'the ink that is worth most is missed');

        $this->ask('PATCH', "/api/jobs/$id/plan", ['inks' => ['inks' => \array_slice($chosen, 1)]]);
        self::assertFalse($this->ask('GET', "/api/jobs/$id")['separationCurrent']);
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        self::assertCount(\count($chosen), $this->ask('GET', "/api/jobs/$id")['plates']);
        // A plate is bent by itself: its films are out of date.
        $bent = $this->ask('PATCH', "/api/jobs/$id/plan", ['curves' => ['halves' => ['Signal red' => 60]]]);
        self::assertFalse($bent['separationCurrent']);
        self::assertEquals(['Signal red' => 60.0], $this->ask('GET', "/api/jobs/$id/art/bench")['plan']['curves']['halves']);
        $this->ask('PATCH', "/api/jobs/$id/plan", ['curves' => ['halves' => ['Signal red' => 99]]], 422);
        // Ruled out, it is chosen anew without it.
        $this->ask('PATCH', "/api/jobs/$id/plan", ['inks' => ['forbidden' => [$chosen[1]]]]);
        self::assertNull($this->ask('GET', "/api/jobs/$id/art/bench")['plan']['inks']['inks']);
        foreach ($this->ask('GET', "/api/jobs/$id/inks")['counts'] as $one) {
            self::assertNotContains($chosen[1], array_column($one['inks'], 'id'));
        }
    }

    /** What is seen at once is near to what is seen when the plates are solved, and nearer to it than to bare cloth by far. */
    public function testAGlanceIsNearToTheSolvedPrint(): void
    {
        $id = $this->picture(self::BLACK);
        $this->ask('PATCH', "/api/jobs/$id/method", ['method' => 'simulated']);
        $this->ask('PATCH', "/api/jobs/$id/plan", ['inks' => ['screens' => 4]]);
        $seen = function (bool $glance) use ($id): \Imagick {
            $this->browser->jsonRequest('POST', "/api/jobs/$id/tone-proof", ['glance' => $glance]);
            self::assertSame(200, $this->browser->getResponse()->getStatusCode());
            $picture = new \Imagick();
            $picture->readImageBlob((string) $this->browser->getResponse()->getContent());

            return $picture;
        };
        [$glance, $solved] = [$seen(true), $seen(false)];
        self::assertSame([$solved->getImageWidth(), $solved->getImageHeight()], [$glance->getImageWidth(), $glance->getImageHeight()]);
        $cloth = new \Imagick();
        $cloth->newImage($solved->getImageWidth(), $solved->getImageHeight(), new \ImagickPixel(self::BLACK));
        $cloth->setImageColorspace($solved->getImageColorspace());
        $off = static fn (\Imagick $one): float => $one->compareImages($solved, \Imagick::METRIC_MEANABSOLUTEERROR)[1];
        self::assertLessThan(0.04, $off($glance));
        self::assertGreaterThan(3 * $off($glance), $off($cloth));
    }

    #[Group('long')]
    public function testOrdersAreComparedAndAPlateThatIsMovedIsSolvedAnew(): void
    {
        $id = $this->picture(self::BLACK);
        $this->ask('PATCH', "/api/jobs/$id/method", ['method' => 'simulated']);
        $this->ask('PATCH', "/api/jobs/$id/plan", ['inks' => ['screens' => 4]]);
        $this->work();
        $orders = $this->ask('GET', "/api/jobs/$id/orders");
        self::assertGreaterThanOrEqual(3, \count($orders));
        self::assertSame($orders[0]['deltaE'], min([\INF, ...array_column($orders, 'deltaE')]));
        $plates = array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'id');
        [$base, $first, $second, $third] = $plates;
        $this->ask('PATCH', "/api/jobs/$id/press", ['order' => [$base, $third, $first, $second]]);
        $this->work();
        $then = $this->ask('GET', "/api/jobs/$id");
        self::assertSame([$base, $third, $first, $second], array_column($then['plates'], 'id'));
        self::assertTrue($then['separationCurrent'], 'the plates are those of this order');
        self::assertSame('as listed', $this->ask('GET', "/api/jobs/$id/art/bench")['plan']['order']);
        $straight = $this->ask('GET', "/api/jobs/$id/shift?x=0&y=0&mm=10&plate=$base&dx=0&dy=0&turn=0");
        self::assertSame([0.0, 0.0], [$straight['deltaE'], $straight['p95']]);
        $shifted = $this->ask('GET', "/api/jobs/$id/shift?x=0&y=0&mm=10&plate=$base&dx=0.4&dy=0.2&turn=0");
        self::assertStringContainsString('rosette every', $shifted['rosette'], 'the base stands at an angle of its own');
        $colour = $this->ask('GET', "/api/jobs/$id/shift?x=0&y=0&mm=10&plate=$first&dx=0.15&dy=0.1&turn=0");
        self::assertStringContainsString('shares its angle', $colour['rosette']);
        self::assertGreaterThan($shifted['deltaE'], $colour['deltaE'], 'where dots share an angle a shift changes more than between angles');
    }

    #[Group('long')]
    public function testSquaresLayersAndFourColoursEachHaveTheirPlatesAndPull(): void
    {
        $id = $this->picture('#f4efe2', 'paper');
        $this->ask('PATCH', "/api/jobs/$id/method", ['method' => 'process']);
        $this->work();
        self::assertSame(['Process yellow', 'Process magenta', 'Process cyan', 'Process black'], array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'name'));

        $this->bringProfile($id, HandMadeProfile::bytes(), 201);
        self::assertSame('press.icc', $this->ask('GET', "/api/jobs/$id/art/bench")['plan']['profile']);
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        $cover = array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'coveragePct');
        self::assertEqualsWithDelta(0.0, $cover[3], 0.01, 'the profile prints no black');
        self::assertTrue($cover[0] < $cover[1] && $cover[1] < $cover[2], 'and more cyan than magenta, more magenta than yellow');
        self::assertStringContainsString('no ICC profile', $this->bringProfile($id, 'nothing of a profile', 422)['detail']);
        $this->ask('PATCH', "/api/jobs/$id/plan", ['base' => 'white'], 422);
        $this->ask('PATCH', "/api/jobs/$id/plan", ['profile' => null]);
        self::assertNull($this->ask('GET', "/api/jobs/$id/art/bench")['plan']['profile']);

        $this->ask('PATCH', "/api/jobs/$id/method", ['method' => 'layers']);
        $this->work();
        $layers = $this->ask('GET', "/api/jobs/$id");
        self::assertCount(4, $layers['plates']);
        self::assertSame([null], array_values(array_unique(array_column($layers['plates'], 'inkId'))), 'tints are mixed, none is of the shelf');
        $tints = $this->ask('GET', "/api/jobs/$id/art/bench")['plan']['tints'];
        self::assertSame($tints, array_column($layers['plates'], 'artHex'));
        $this->browser->request('GET', "/api/jobs/$id/stage/2.pdf");
        self::assertStringStartsWith('%PDF', (string) $this->browser->getResponse()->getContent());

        $this->ask('PATCH', "/api/jobs/$id/method", ['method' => 'index']);
        $this->ask('PATCH', "/api/jobs/$id/plan", ['squaresDpi' => 120]);
        $this->work();
        $index = $this->ask('GET', "/api/jobs/$id/plates");
        self::assertSame('index', $index['method']);
        foreach ($this->ask('GET', "/api/jobs/$id")['plates'] as $plate) {
            self::assertEqualsWithDelta(25.4 / 120, $plate['finestLineMm'], 0.001, 'a square is what the mesh must hold');
        }
        $this->browser->request('GET', "/api/jobs/$id/index-test.pdf");
        $pdf = (string) $this->browser->getResponse()->getContent();
        self::assertSame(\count($index['plates']), preg_match_all('~/Type /Page\b(?!s)~', $pdf), 'a page an ink');
        self::assertSame('process', $this->ask('GET', "/api/jobs/$id/method/process")['method'], 'each way is offered beside it');
        self::assertSame('side by side', $this->ask('PATCH', "/api/jobs/$id", ['care' => 'side by side'])['care']);
        self::assertSame('side by side', $this->ask('POST', "/api/jobs/$id/copy", null, 201)['care'], 'a copy is worth as much care');
    }

    /** @return array<string, mixed> */
    private function bringProfile(int $id, string $bytes, int $expect): array
    {
        $path = tempnam(sys_get_temp_dir(), 'icc');
        file_put_contents($path, $bytes);
        $this->browser->request('POST', "/api/jobs/$id/ink-profile", [], ['profile' => new UploadedFile($path, 'press.icc', null, null, true)], ['HTTP_ACCEPT' => 'application/json']);
        self::assertSame($expect, $this->browser->getResponse()->getStatusCode(), (string) $this->browser->getResponse()->getContent());

        return (array) json_decode((string) $this->browser->getResponse()->getContent(), true);
    }

    public function testWhatCannotBeIsSaidWhereItWasAsked(): void
    {
        $id = $this->picture('#f4efe2');
        $this->ask('GET', "/api/jobs/$id/inks", null, 422);
        $this->ask('PATCH', "/api/jobs/$id/plan", ['inks' => ['inks' => [1]]], 422);
        $this->ask('PATCH', "/api/jobs/$id/method", ['method' => 'simulated']);
        self::assertStringContainsString('shelf', $this->ask('PATCH', "/api/jobs/$id/plan", ['inks' => ['inks' => [999_999]]], 422)['detail']);
        self::assertSame('inks.screens', $this->ask('PATCH', "/api/jobs/$id/plan", ['inks' => ['screens' => 99]], 422)['errors'][0]['field']);
        foreach ($this->ask('GET', '/api/shop')['inks'] as $ink) {
            if ($ink['kind'] === 'transparent') {
                $this->ask('DELETE', '/api/shop/inks/'.$ink['id'], null, 200);
            }
        }
        $offer = $this->ask('GET', "/api/jobs/$id/method/process");
        self::assertNull($offer['plates']);
        self::assertStringContainsString('transparent', $offer['why']);
    }

    private function picture(string $garment, string $substrate = 'cotton'): int
    {
        $picture = imagecreatetruecolor(240, 200);
        for ($y = 0; $y < 200; ++$y) {
            for ($x = 0; $x < 240; ++$x) {
                $sun = max(0.0, 1 - hypot($x - 150, $y - 90) / 90);
                $r = (int) min(255, 30 + 150 * $y / 200 + 220 * $sun);
                $g = (int) min(255, 24 + 50 * $y / 200 + 170 * $sun);
                $b = (int) min(255, 90 + 60 * (1 - $y / 200) + 40 * $sun + 20 * sin($x / 9));
                imagesetpixel($picture, $x, $y, $r << 16 | $g << 8 | $b);
            }
        }
        ob_start();
        imagepng($picture);
        $id = $this->bring((string) ob_get_clean(), ['garmentHex' => $garment, 'widthMm' => '80', 'name' => 'Sun', 'substrate' => $substrate])['id'];

        return $id;
    }
}
