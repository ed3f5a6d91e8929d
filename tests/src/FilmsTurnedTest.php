<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\Core\Film\FilmWay;
use Ektype\Core\Raster\BitPlane;
use Symfony\Component\Process\Process;

/** Films mirrored, negative and several of each, as some printers and glasses want them; on the page and on the command line. */
final class FilmsTurnedTest extends ShopTestCase
{
    private const ART = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 40"><rect x="2" y="4" width="20" height="30" fill="#b84a30"/><circle cx="44" cy="14" r="9" fill="#f0e2b0"/></svg>';

    /** Every pixel by hand, at widths that are no whole bytes. */
    public function testAPixelLandsOnTheOtherSide(): void
    {
        mt_srand(11);
        foreach ([1, 7, 8, 13, 24, 41] as $width) {
            $bytes = '';
            for ($i = 0; $i < 5 * (($width + 7) >> 3); ++$i) {
                $bytes .= \chr(mt_rand(0, 255));
            }
            $plane = BitPlane::within($width, 5, $bytes);
            [$mirrored, $negative, $both] = [(new FilmWay(mirrored: true))->turned($plane), (new FilmWay(negative: true))->turned($plane), (new FilmWay(true, true))->turned($plane)];
            for ($y = 0; $y < 5; ++$y) {
                for ($x = 0; $x < $width; ++$x) {
                    self::assertSame($plane->isSet($x, $y), $mirrored->isSet($width - 1 - $x, $y));
                    self::assertSame($plane->isSet($x, $y), !$negative->isSet($x, $y));
                    self::assertSame($plane->isSet($x, $y), !$both->isSet($width - 1 - $x, $y));
                }
            }
            self::assertSame($width * 5, $plane->count() + $negative->count(), 'nothing prints beyond the width');
            self::assertSame($plane->bytes, (new FilmWay(true, true))->turned($both)->bytes);
        }
    }

    /** @return array<string, \Imagick> the films of a set by name, and the first page of its PDF, as any program opens them */
    private static function written(string $out, string ...$options): array
    {
        $art = $out.'.svg';
        file_put_contents($art, self::ART);
        (new Process([\PHP_BINARY, __DIR__.'/../../bin/console', 'art:separate', $art, '--width-mm=60', '--garment=#1b2436', '--dpi=600', '--formats=pdf,png,tiff,svg', '--out='.$out, ...$options], timeout: 120))->mustRun();
        (new Process(['pdftoppm', '-r', '600', '-gray', '-f', '1', '-singlefile', $out.'/films.pdf', $out.'/page']))->mustRun();
        (new Process(['rsvg-convert', '-d', '600', '-p', '600', '-b', 'white', '-o', $out.'/drawn', ((array) glob($out.'/01-*.svg'))[0]]))->mustRun();

        return ['png' => new \Imagick(((array) glob($out.'/01-*.png'))[0]), 'tif' => new \Imagick(((array) glob($out.'/01-*.tif'))[0]), 'pdf' => new \Imagick($out.'/page.pgm'), 'svg' => new \Imagick('png:'.$out.'/drawn')];
    }

    public function testEveryFormatIsTurnedAndTheLightTableReadsItAsItWillLie(): void
    {
        $out = sys_get_temp_dir().'/ektype-turned-'.getmypid();
        try {
            $plain = self::written($out.'-plain');
            $turned = self::written($out.'-turned', '--mirrored', '--negative', '--copies=2');
            foreach ($turned as $kind => $film) {
                $before = $plain[$kind];
                $before->transformImageColorspace(\Imagick::COLORSPACE_GRAY);
                $film->transformImageColorspace(\Imagick::COLORSPACE_GRAY);
                [$wide, $high] = [$film->getImageWidth(), $film->getImageHeight()];
                self::assertEqualsWithDelta($before->getImageWidth(), $wide, 1);
                $off = $all = 0;
                // Where the print is; labels differ, they say which side the ink is on.
                for ($y = (int) (0.3 * $high); $y < 0.7 * $high; $y += 7) {
                    for ($x = (int) (0.2 * $wide); $x < 0.8 * $wide; $x += 5) {
                        $one = array_sum($before->exportImagePixels($x, $y, 1, 1, 'I', \Imagick::PIXEL_CHAR));
                        $two = array_sum($film->exportImagePixels($wide - 1 - $x, $y, 1, 1, 'I', \Imagick::PIXEL_CHAR));
                        $off += abs($one + $two - 255) > 128 ? 1 : 0;
                        ++$all;
                    }
                }
                self::assertLessThan(0.02 * $all, $off, $kind);
            }
            $check = json_decode((new Process([\PHP_BINARY, __DIR__.'/../../bin/console', 'films:check', $out.'-turned']))->mustRun()->getOutput(), true);
            self::assertIsArray($check);
            self::assertTrue($check['in_register'], implode(' ', $check['says']));
            $manifest = json_decode((string) file_get_contents($out.'-turned/manifest.json'), true);
            self::assertIsArray($manifest);
            self::assertSame([true, true], [$manifest['mirrored'], $manifest['negative']]);
            $plates = \count($manifest['plates']);
            self::assertSame([...range(0, $plates - 1), ...range(0, $plates - 1)], array_column($manifest['media']['places'], 'film'), 'each twice on the media');
            $label = (new Process(['pdftotext', $out.'-plain/films.pdf', '-']))->mustRun()->getOutput();
            self::assertStringContainsString('ink side up', (string) preg_replace('/\s+/', ' ', $label));
        } finally {
            foreach (['-plain', '-turned'] as $which) {
                array_map(unlink(...), (array) glob($out.$which.'/*'));
                is_dir($out.$which) && rmdir($out.$which);
                is_file($out.$which.'.svg') && unlink($out.$which.'.svg');
            }
        }
    }

    public function testAJobKeepsHowItsFilmsAreWrittenAndFilmsOfBeforeAreOld(): void
    {
        $id = $this->bring(self::ART)['id'];
        $this->work();
        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        self::assertTrue($this->ask('GET', "/api/jobs/$id")['filmsCurrent']);
        $this->ask('PATCH', "/api/jobs/$id/films", ['filmMirrored' => true, 'filmCopies' => 2]);
        self::assertFalse($this->ask('GET', "/api/jobs/$id")['filmsCurrent'], 'those that are written lie the other way');
        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        $films = $this->ask('GET', "/api/jobs/$id/films");
        self::assertTrue($films['filmSet']['inRegister'], implode(' ', $films['filmSet']['says']));
        self::assertSame([true, false, 2], [$films['filmMirrored'], $films['filmNegative'], $films['filmCopies']]);
        self::assertCount(2 * \count($films['plates']), $films['filmSet']['nested']);
        $this->ask('PATCH', "/api/jobs/$id/films", ['filmMirrored' => false, 'filmCopies' => 1]);
        $this->ask('PATCH', "/api/jobs/$id/films", ['filmCopies' => 40], 422);
    }
}
