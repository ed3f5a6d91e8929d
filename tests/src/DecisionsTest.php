<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\Core\Film\FilmPlane;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PngFile;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** What a printer decides about art, plates and films, through the API. */
final class DecisionsTest extends ShopTestCase
{
    protected const BENCHES = ['art/bench', 'plates', 'films', 'screens', 'light', 'press'];

    /** Two touching squares, and a bar between cloth: straw, rust, sage. */
    private const TOUCHING = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 80 40"><rect x="4" y="4" width="30" height="32" fill="#f0e2b0"/><rect x="34" y="4" width="30" height="32" fill="#b84a30"/><rect x="70" y="4" width="6" height="32" fill="#8fb3a2"/></svg>';

    public function testTheTrapFollowsThePressAndTheToleranceFollowsThePlates(): void
    {
        $id = $this->touchingSeparated();
        $job = $this->ask('GET', "/api/jobs/$id");
        $press = array_values(
            array_filter($this->ask('GET', '/api/shop')['presses'], static fn (array $p): bool => $p['id'] === $job['pressId']),
        )[0];
        self::assertNull($job['plan']['trapMm']);
        self::assertEqualsWithDelta(2 * ($press['registerSigmaMm'] ?? 0.1), $job['trap']['value'], 1e-9);
        self::assertEqualsWithDelta($job['trap']['value'], $job['budgetFigure']['value'], 25.4 / 600);
        self::assertSame(['Straw', 'Harbour rust'], [$job['budget'][0]['one'], $job['budget'][0]['two']], 'the sage bar touches nothing');
        self::assertCount(1, $job['budget']);
        self::assertEqualsWithDelta(max(0.15, $job['budgetFigure']['value']), $job['toleranceMm'], 1e-9);

        $job = $this->change($id, ['trapMm' => 0.3], '/plan');
        self::assertEqualsWithDelta(0.3, $job['budgetFigure']['value'], 25.4 / 600);
        self::assertEqualsWithDelta($job['budgetFigure']['value'], $job['toleranceMm'], 1e-9);
        $job = $this->ask('PATCH', "/api/jobs/$id/press", ['toleranceMm' => 0.4]);
        self::assertTrue($job['toleranceSet']);
        $job = $this->change($id, ['trapMm' => null], '/plan');
        self::assertSame(0.4, $job['toleranceMm'], 'what the printer set stays');
        self::assertFalse($this->ask('PATCH', "/api/jobs/$id/press", ['toleranceFollowsPlates' => true])['toleranceSet']);
    }

    public function testColoursAreLockedGivenAwayPrintedWithOthersAndTakenBack(): void
    {
        $id = $this->touchingSeparated();
        $job = $this->ask('GET', "/api/jobs/$id");
        $rust = array_column($job['palette'], null, 'hex')['#b84a30'];
        self::assertSame('Harbour rust', $rust['nearInks'][0]['name']);
        self::assertLessThan(3, $rust['nearInks'][0]['deltaE']);

        $job = $this->change($id, ['lock' => ['hex' => '#b84a30', 'inkId' => $rust['nearInks'][0]['inkId']]]);
        $plate = array_column($job['plates'], null, 'artHex')['#b84a30'];
        self::assertSame(['Harbour rust', 'Harbour rust', '#b5482f'], [$plate['name'], $plate['inkName'], $plate['hex']]);

        $job = $this->change($id, ['merge' => ['from' => '#8fb3a2', 'into' => '#f0e2b0']]);
        self::assertCount(3, $job['plates']);
        $job = $this->change($id, ['printAgain' => '#8fb3a2', 'leaveOpen' => '#f0e2b0']);
        self::assertSame(['#8fb3a2', '#b84a30'], array_values(array_diff(array_column($job['plates'], 'artHex'), [null, ''])));
        // Three decisions, and each time the art was separated anew.
        for ($i = 0; $i < 6; ++$i) {
            $job = $this->undo($id);
        }
        self::assertSame(
            ['Base white', 'Straw', 'Sage', 'Harbour rust'],
            array_column($job['plates'], 'name'),
            'undo gives plates and decisions back',
        );
        self::assertStringContainsString(
            'not on the shelf',
            $this->ask('PATCH', "/api/jobs/$id/colours", ['lock' => ['hex' => '#b84a30', 'inkId' => 999]], 422)['detail'],
        );
    }

    public function testAPlateServesAsBaseOverprintsOrIsTheHighlight(): void
    {
        $id = $this->touchingSeparated();
        $job = $this->change($id, ['baseFrom' => '#f0e2b0']);
        self::assertSame(
            [['base', '#f0e2b0'], ['colour', '#8fb3a2'], ['colour', '#b84a30']],
            array_map(static fn (array $p): array => [$p['role'], $p['artHex']], $job['plates']),
        );
        $job = $this->change(
            $id,
            ['baseFrom' => '', 'highlight' => ['hex' => '#8fb3a2', 'on' => true], 'overprint' => ['hex' => '#b84a30', 'on' => true]],
        );
        self::assertSame(['base', 'colour', 'colour', 'highlight'], array_column($job['plates'], 'role'));
        self::assertTrue(array_column($job['plates'], null, 'artHex')['#b84a30']['overprints']);
        self::assertEqualsWithDelta(0.5, $job['budgetFigure']['value'], 0.05, 'neighbours run on under it');
    }

    public function testTheArtIsFramedAndItsHeightLeads(): void
    {
        $id = $this->touchingSeparated();
        $job = $this->ask('PATCH', "/api/jobs/$id/size", ['heightMm' => 60]);
        self::assertEqualsWithDelta([120, 60], [$job['widthMm'], $job['heightMm']], 1e-6);
        // The left half, turned: the straw square alone.
        $job = $this->change($id, ['framing' => ['left' => 0, 'width' => 0.425, 'turnDeg' => 90, 'mirror' => true], 'widthMm' => 80]);
        self::assertEqualsWithDelta(80 * 34 / 40, $job['heightMm'], 0.01);
        self::assertSame(['Base white', 'Straw'], array_column($job['plates'], 'name'));
        self::assertEqualsWithDelta(64 * 60 / 100, $job['plates'][1]['artAreaCm2'], 0.1);
        self::assertSame(
            'framing.width',
            $this->ask('PATCH', "/api/jobs/$id/size", ['framing' => ['left' => 0.7, 'width' => 0.7]], 422)['errors'][0]['field'],
        );
    }

    public function testLoupePickCostsAndTheLightTableAnswer(): void
    {
        $id = $this->touchingSeparated();
        $job = $this->ask('GET', "/api/jobs/$id");
        $named = array_column($job['plates'], 'name', 'id');
        $at = fn (float $x, float $y): array => array_map(
            static fn (int $p): string => $named[$p],
            $this->ask('GET', "/api/jobs/$id/at?x=$x&y=$y")['plates'],
        );
        self::assertSame(['Straw', 'Base white'], $at(10, 20));
        self::assertSame(['Harbour rust', 'Base white'], $at(50, 20));
        self::assertSame([], $at(67, 20));
        self::assertSame(['Harbour rust', 'Straw', 'Base white'], $at(34.1, 20), 'in the trap both print');

        // The loupe, pixel by pixel: straw left of the seam, rust right of it; shifted right by a millimetre the seam moves.
        $rust = array_search('Harbour rust', $named, true);
        $straight = $this->picture("/api/jobs/$id/loupe.png?x=34&y=20&mm=4");
        $shifted = $this->picture("/api/jobs/$id/loupe.png?x=34&y=20&mm=4&plate=$rust&dx=1&dy=0&turn=0");
        $size = imagesx($straight);
        self::assertEqualsWithDelta(4 / 25.4 * 600, $size, 1);
        $red = static fn (\GdImage $p, float $mm): int => imagecolorat(
            $p,
            (int) (($mm + 2) / 4 * imagesx($p)),
            intdiv(imagesy($p), 2),
        ) >> 16 & 255;
        self::assertGreaterThan(220, $red($straight, -0.5), 'straw');
        self::assertEqualsWithDelta(0xB5, $red($straight, 0.5), 12, 'rust');
        self::assertGreaterThan(220, $red($shifted, 0.15), 'the straw’s trap, uncovered');
        self::assertEqualsWithDelta(0xB5, $red($shifted, 1.2), 12);

        $costs = $this->ask('GET', "/api/jobs/$id/costs");
        self::assertSame([3, 2, 1], array_column($costs['ranked'], 'inks'));
        self::assertCount(3, $costs['each'], 'the white base is no ink of the picture');
        self::assertGreaterThan(100, imagesx($this->picture("/api/jobs/$id/costs/1.png")));

        $this->ask('PATCH', "/api/jobs/$id/films", ['filmFormats' => ['tiff'], 'stepWedge' => true]);
        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        $job = $this->ask('GET', "/api/jobs/$id");
        self::assertTrue($job['filmSet']['inRegister'], implode(' ', $job['filmSet']['says']));
        self::assertCount(4, $job['filmSet']['films']);
        self::assertSame([6, 6, 6, 6], array_column($job['filmSet']['films'], 'marks'));
        // Under the loupe the middle of the top mark is black on all films.
        $mark = array_values(array_filter($job['marks'], static fn (array $m): bool => $m['name'] === 'top'))[0];
        $x = $job['filmSet']['media']['filmWidthMm'] / 2;
        $y = $job['filmSet']['media']['filmHeightMm'] / 2 - abs($mark['yMm']);
        $loupe = $this->picture("/api/jobs/$id/table/loupe.png?x=$x&y=$y&mm=6");
        self::assertLessThan(90, imagecolorat($loupe, intdiv(imagesx($loupe), 2), intdiv(imagesy($loupe), 2)) >> 16 & 255);
        self::assertGreaterThan(250, imagecolorat($loupe, 4, 4) >> 16 & 255);
        self::assertStringContainsString(
            'The light table reads',
            $this->ask('PATCH', "/api/jobs/$id/films", ['filmFormats' => ['svg']], 422)['detail'],
        );
    }

    public function testWhatHoldsIsReckonedFromMeshAndFilm(): void
    {
        // A hairline of 0.2 mm, and a gap of 0.15 mm between two bars.
        $id = $this->bring('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 80 40"><rect x="8" y="4" width="0.2" height="32" fill="#b84a30"/><rect x="30" y="4" width="10" height="32" fill="#b84a30"/><rect x="40.15" y="4" width="10" height="32" fill="#b84a30"/></svg>', ['widthMm' => '80'])['id'];
        $this->work();
        $plate = array_column($this->ask('GET', "/api/jobs/$id")['plates'], null, 'artHex')['#b84a30'];
        // Meshes without a data sheet: the formula stands.
        foreach ([77 => 55, 100 => 40] as $perCm => $thread) {
            $frames = array_values(
                array_filter(
                    $this->ask('GET', '/api/shop')['frames'],
                    static fn (array $f): bool => (float) $f['mesh']['threadsPerCm'] === (float) $perCm,
                ),
            );
            if ($frames === []) {
                $frames = array_values(
                    array_filter(
                        $this->ask(
                            'POST',
                            '/api/shop/frames',
                            [
                                'label' => "H$perCm",
                                'threadsPerCm' => $perCm,
                                'threadUm' => $thread,
                                'insideWidthMm' => 460,
                                'insideHeightMm' => 560,
                                'tensionNPerCm' => 22,
                            ],
                            201,
                        )['frames'],
                        static fn (array $f): bool => $f['label'] === "H$perCm",
                    ),
                );
            }
            $holding = array_column(
                $this->ask('PATCH', '/api/plates/'.$plate['id'], ['frameId' => $frames[0]['id']])['plates'],
                null,
                'artHex',
            )['#b84a30']['holding'];
            $line = max(10 / $perCm, 2.4 * 25.4 / 600);
            $gap = max(10 / $perCm + $thread / 1000, 2.4 * 25.4 / 600);
            self::assertEqualsWithDelta([$line, $gap], [$holding['holdsLineMm'], $holding['holdsGapMm']], 0.001);
            self::assertEqualsWithDelta([0.2, 0.15], [$holding['line']['value'], $holding['gap']['value']], 0.043);
            self::assertSame($holding['gap']['value'] < $gap, $holding['thinGaps'] !== []);
            self::assertSame($holding['line']['value'] < $line, $holding['thinLines'] !== []);
            self::assertSame([...$holding['thinGaps'], ...$holding['thinLines']] === [], $holding['remedies'] === []);
        }
    }

    #[Group('long')]
    public function testAFilmPrinterIsKeptAndAFilmThatDoesNotFitItIsRefused(): void
    {
        $shop = $this->ask(
            'POST',
            '/api/shop/printers',
            [
                'name' => 'Small laser',
                'dpi' => 300,
                'mediaWidthMm' => 110,
                'sheetLengthMm' => 150,
                'density' => 1.8,
                'scaleErrorYPct' => 0.5,
            ],
            201,
        );
        $printer = $shop['filmPrinters'][\count($shop['filmPrinters']) - 1];
        self::assertStringContainsString('burns through', $printer['caution']);
        self::assertSame(
            'scaleErrorYPct',
            $this->ask(
                'POST',
                '/api/shop/printers',
                ['name' => 'Other', 'dpi' => 300, 'mediaWidthMm' => 210, 'scaleErrorYPct' => 9],
                422,
            )['errors'][0]['field'],
        );
        $id = $this->bring(self::TOUCHING, ['widthMm' => '60'])['id'];
        $job = $this->change($id, ['filmPrinterId' => $printer['id']]);
        self::assertSame(300.0, $job['filmDpi']);
        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        self::assertTrue($this->ask('GET', "/api/jobs/$id")['filmSet']['inRegister']);
        $this->change($id, ['widthMm' => 150]);
        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        $job = $this->ask('GET', "/api/jobs/$id");
        self::assertSame('failed', $job['task']['state']);
        self::assertStringContainsString('does not go on the media of Small laser', $job['task']['failure']);
        self::assertFalse($job['filmsCurrent']);
    }

    #[Group('long')]
    public function testPlatesDrawnByHandAreTakenAsTheyAre(): void
    {
        $job = $this->bring(self::TOUCHING, ['widthMm' => '80']);
        $id = $job['id'];
        $this->work();
        $this->browser->request('GET', "/api/jobs/$id/mark-sheet.pdf");
        self::assertStringStartsWith('%PDF', (string) $this->browser->getResponse()->getContent());

        $inks = array_column($this->ask('GET', '/api/shop')['inks'], 'id', 'name');
        // Two plates drawn over the mark sheet, scanned at 300 ppi, each lying a little askew on the glass.
        foreach ([
            'Straw' => [static fn (float $x, float $y): bool => hypot($x - 25, $y - 20) < 14, 0.7],
            'Harbour rust' => [static fn (float $x, float $y): bool => abs($x - 58) < 12 && abs($y - 20) < 14, -1.1],
        ] as $ink => [$inside, $askew]) {
            $job = $this->scan($id, self::drawn($inside, $askew, $ink === 'Straw'), $inks[$ink], 201);
        }
        self::assertSame([6, 6], array_column($job['positives'], 'marks'));
        self::assertCount(
            1,
            $job['positives'][0]['weak'],
            'the faint spot is on the touch-up list: '.json_encode($job['positives'][0]['weak']),
        );
        self::assertSame([], $job['positives'][1]['weak']);
        self::assertFalse($this->ask('GET', "/api/jobs/$id/films")['drawnSheets']);
        $this->change($id, ['drawnSheets' => true], '/films');
        $films = $this->ask('GET', "/api/jobs/$id/films");
        self::assertStringContainsString('Straw has 1 weak spot', implode(' ', $films['sheetsSay']));
        self::assertStringNotContainsString('Harbour rust has', implode(' ', $films['sheetsSay']), 'its marks are there, and nothing weak');
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        $job = $this->ask('GET', "/api/jobs/$id");
        self::assertNull($job['task'], $job['task']['failure'] ?? '');
        self::assertSame(['Base white', 'Straw', 'Harbour rust'], array_column($job['plates'], 'name'));
        // Sheets are films that no test was burned through: their times are less sure than the base’s, which has a film.
        $this->change($id, ['lampId' => 1, 'emulsionId' => 1], '/tools');
        $wide = array_map(static fn (array $p): float => log($p['light']['high'] / $p['light']['low']), $this->ask('GET', "/api/jobs/$id/light")['plates']);
        self::assertGreaterThan($wide[0] + 0.3, $wide[1]);
        self::assertGreaterThan($wide[0] + 0.3, $wide[2]);
        self::assertEqualsWithDelta(\M_PI * 1.96, $job['plates'][1]['artAreaCm2'], 0.08);
        self::assertEqualsWithDelta(2.4 * 2.8, $job['plates'][2]['artAreaCm2'], 0.08);
        $named = array_column($job['plates'], 'name', 'id');
        foreach ([[25, 6.4, 'Straw'], [25, 5.6, null], [46.4, 20, 'Harbour rust'], [45.6, 20, null]] as [$x, $y, $name]) {
            $here = $this->ask('GET', "/api/jobs/$id/at?x=$x&y=$y")['plates'];
            self::assertSame($name, $here === [] ? null : $named[$here[0]], "at $x, $y mm: drawn where it was, to the scan’s pixels");
        }
        self::assertStringContainsString(
            'cannot be laid on the other plates',
            $this->scan($id, self::page(BitPlane::blank(900, 700), 0), $inks['Straw'], 422)['detail'],
        );
        $this->browser->request('DELETE', "/api/jobs/$id/positives/0");
        self::assertCount(1, $this->ask('GET', "/api/jobs/$id")['positives']);

        // A drawn plate joins a chain of layers at its end, and another one asks for the layers anew.
        $this->change($id, ['method' => 'layers']);
        $this->change($id, ['layers' => 2], '/plan');
        $this->work();
        $job = $this->ask('GET', "/api/jobs/$id");
        self::assertCount(3, $job['plates']);
        self::assertSame('Harbour rust', $job['plates'][2]['name']);
        self::assertEqualsWithDelta(2.4 * 2.8, $job['plates'][2]['artAreaCm2'], 0.08);
        self::assertTrue($job['separationCurrent']);
        $this->browser->request('DELETE', "/api/jobs/$id/positives/0");
        self::assertFalse($this->ask('GET', "/api/jobs/$id")['separationCurrent']);
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<mixed>
     */
    private function change(int $id, array $body, string $what = ''): array
    {
        if ($what === '') {
            $this->tell($id, $body);
        } else {
            $this->ask('PATCH', "/api/jobs/$id$what", $body);
        }
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        $job = $this->ask('GET', "/api/jobs/$id");
        self::assertNull($job['task'], $job['task']['failure'] ?? '');

        return $job;
    }

    private function picture(string $path): \GdImage
    {
        $this->browser->request('GET', $path);
        $response = $this->browser->getResponse();
        self::assertSame(200, $response->getStatusCode(), $path);
        $picture = imagecreatefromstring((string) $response->getContent());

        return $picture === false ? throw new \LogicException('No picture.') : $picture;
    }

    /** @return array<mixed> */
    private function scan(int $id, string $png, int $inkId, int $expect): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'scan');
        file_put_contents($path, $png);
        $this->browser->request(
            'POST',
            "/api/jobs/$id/positives",
            ['inkId' => $inkId],
            ['scan' => new UploadedFile($path, 'scan.png', 'image/png', null, true)],
        );
        @unlink($path);
        $response = $this->browser->getResponse();
        self::assertSame($expect, $response->getStatusCode(), (string) $response->getContent());
        $answer = json_decode((string) $response->getContent(), true);
        self::assertIsArray($answer);

        return $answer;
    }

    /** @param callable(float, float): bool $inside of millimetres on the print */
    private static function drawn(callable $inside, float $askew, bool $faint): string
    {
        $dpi = 300.0;
        $sheet = new FilmSheet((int) round(80 / 25.4 * $dpi), (int) round(40 / 25.4 * $dpi), $dpi, 3, FilmPrinter::FEED_MARGIN_MM);
        $stride = ($sheet->artWidthPx + 7) >> 3;
        $rows = '';
        for ($y = 0; $y < $sheet->artHeightPx; ++$y) {
            $digits = '';
            for ($x = 0; $x < $sheet->artWidthPx; ++$x) {
                $digits .= $inside(($x + 0.5) * 25.4 / $dpi, ($y + 0.5) * 25.4 / $dpi) ? '1' : '0';
            }
            $rows .= str_pad(gmp_export(gmp_init(str_pad($digits, 8 * $stride, '0'), 2)), $stride, "\0", \STR_PAD_LEFT);
        }

        return self::page(
            FilmPlane::of($sheet, new BitPlane($sheet->artWidthPx, $sheet->artHeightPx, $rows), ''),
            $askew,
            $faint ? [$sheet->marginPx + 25 / 25.4 * $dpi, $sheet->feedMarginPx + 20 / 25.4 * $dpi] : null,
        );
    }

    /** @param array{float, float}|null $faint where the black is weak, pixels */
    private static function page(BitPlane $plane, float $askew, ?array $faint = null): string
    {
        $picture = new \Imagick();
        $picture->readImageBlob(PngFile::ofPlane($plane, 300));
        $picture->transformImageColorspace(\Imagick::COLORSPACE_SRGB);
        $picture->setImageType(\Imagick::IMGTYPE_TRUECOLOR);
        if ($faint !== null) {
            $wash = new \ImagickDraw();
            $wash->setFillColor(new \ImagickPixel('#787878'));
            $wash->circle($faint[0], $faint[1], $faint[0] + 5, $faint[1]);
            $picture->drawImage($wash);
        }
        $picture->rotateImage(new \ImagickPixel('#ffffff'), $askew);
        $picture->setImagePage(0, 0, 0, 0);
        $picture->setImageUnits(\Imagick::RESOLUTION_PIXELSPERINCH);
        $picture->setImageResolution(300, 300);
        $picture->setImageFormat('png');

        return $picture->getImageBlob();
    }

    /** 80 mm wide, its colours touching; separated. */
    private function touchingSeparated(): int
    {
        return $this->beginWith('touching', function (): void {
            $this->bring(self::TOUCHING, ['widthMm' => '80']);
            $this->work();
        });
    }

    /** A grey that black dots make on white cloth gives its plate up, and takes it back. */
    #[Group('long')]
    public function testAGreyBecomesDotsOfBlackAndAPlateIsSaved(): void
    {
        $art = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 120 90"><circle cx="42" cy="45" r="30" fill="#1b1a17"/><rect x="78" y="12" width="30" height="66" fill="#8f8e8d"/></svg>';
        $id = $this->bring($art, ['garmentHex' => '#ffffff'])['id'];
        $this->work();
        $grey = $this->colour($id, '#8f8e8d');
        self::assertSame('#1b1a17', $grey['tints'][0]['of']);
        self::assertEqualsWithDelta(0.6, $grey['tints'][0]['tone'], 0.03);
        self::assertLessThan(1.0, $grey['tints'][0]['deltaE']);
        $areas = array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'areaCm2', 'artHex');
        [$disc, $bar] = [$areas['#1b1a17'], $areas['#8f8e8d']];
        $this->ask('PATCH', "/api/jobs/$id/colours", ['tint' => ['hex' => '#8f8e8d', 'of' => '#1b1a17']]);
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        $plates = $this->ask('GET', "/api/jobs/$id")['plates'];
        self::assertCount(1, $plates);
        // The black disc, and six tenths of the grey bar, less what the press will gain.
        self::assertGreaterThan($disc + 0.3 * $bar, $plates[0]['areaCm2']);
        self::assertLessThan($disc + 0.6 * $bar, $plates[0]['areaCm2']);
        self::assertSame('#1b1a17', $this->colour($id, '#8f8e8d')['tint']['of']);
        // Its ruling and angle are set on Screens, and the dots are drawn so.
        $black = $plates[0]['id'];
        $this->ask('PATCH', "/api/plates/$black", ['lpi' => 35, 'angleDeg' => 15]);
        self::assertStringContainsString('would be solid', $this->ask('PATCH', "/api/plates/$black", ['lpi' => 0], 422)['detail']);
        $this->work();
        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        [$manifest] = (array) glob(self::data()."/files/jobs/$id/films-*/manifest.json") + [''];
        $told = json_decode((string) file_get_contents((string) $manifest), true);
        self::assertIsArray($told);
        self::assertEqualsWithDelta(60.0, $told['plates'][0]['tints'][0]['tone_pct'], 3.0);
        self::assertSame([35, 15], [(int) $told['plates'][0]['lpi'], (int) $told['plates'][0]['angle_deg']]);

        $this->ask('PATCH', "/api/jobs/$id/colours", ['printAgain' => '#8f8e8d']);
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        self::assertCount(2, $this->ask('GET', "/api/jobs/$id")['plates']);
        self::assertNull($this->colour($id, '#8f8e8d')['tint']);
    }

    public function testATintThatWouldBeSeenIsRefused(): void
    {
        $id = $this->twoDotsSeparated();
        $told = $this->ask('PATCH', "/api/jobs/$id/colours", ['tint' => ['hex' => '#b84a30', 'of' => '#f0e2b0']], 422);
        self::assertStringContainsString('keeps its plate', $told['detail']);
        self::assertStringContainsString('choose two that print', $this->ask('PATCH', "/api/jobs/$id/colours", ['tint' => ['hex' => '#b84a30', 'of' => '#123456']], 422)['detail']);
    }

    /** @return array<string, mixed> */
    private function colour(int $id, string $hex): array
    {
        foreach ($this->ask('GET', "/api/jobs/$id/art/bench")['palette'] as $colour) {
            if ($colour['hex'] === $hex) {
                return $colour;
            }
        }
        self::fail("No colour $hex.");
    }
}
