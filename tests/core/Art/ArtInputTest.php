<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Art;

use Ektype\Core\Art\ArtDecoder;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Art\UnreadableArt;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Colour\SrgbProfile;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\SpotRequest;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Separation\PaletteFinder;
use Ektype\Core\Unit\Refusal;
use Ektype\Tests\Core\Separation\KnownArt;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

final class ArtInputTest extends TestCase
{
    /** @var list<string> */
    private array $files = [];

    protected function tearDown(): void
    {
        array_map(unlink(...), $this->files);
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function kinds(): iterable
    {
        yield 'TIFF, 8 bit' => ['tiff', 8, 'rgb'];
        yield 'TIFF, 16 bit' => ['tiff', 16, 'rgb'];
        yield 'TIFF, grey' => ['tiff', 8, 'grey'];
        yield 'TIFF, CMYK' => ['tiff', 8, 'cmyk'];
        yield 'PNG, 16 bit' => ['png', 16, 'rgb'];
        yield 'WebP' => ['webp', 8, 'rgb'];
        yield 'GIF' => ['gif', 8, 'rgb'];
        yield 'BMP' => ['bmp', 8, 'rgb'];
    }

    #[DataProvider('kinds')]
    public function testEachKindOpensInItsColours(string $kind, int $depth, string $space): void
    {
        $picture = self::halves('#b5482f', '#f0e4ba');
        if ($space === 'grey') {
            $picture = self::halves('#404040', '#c8c8c8');
            $picture->transformImageColorspace(\Imagick::COLORSPACE_GRAY);
        }
        if ($space === 'cmyk') {
            $picture->transformImageColorspace(\Imagick::COLORSPACE_CMYK);
        }
        $picture->setImageDepth($depth);
        $picture->setOption('webp:lossless', 'true');
        $picture->setImageFormat($kind);
        $file = ArtFile::at($this->file($picture->getImageBlob()));
        self::assertSame([$kind, 120, 80], [$file->kind, $file->width, $file->height]);
        $art = ArtDecoder::over($file, Srgb::fromHex('#1b2440'));
        foreach ([[20, $space === 'grey' ? '#404040' : '#b5482f'], [100, $space === 'grey' ? '#c8c8c8' : '#f0e4ba']] as [$x, $hex]) {
            $wanted = Srgb::fromHex($hex);
            self::assertEqualsWithDelta([$wanted->red, $wanted->green, $wanted->blue], self::pixel($art, $x, 40), 2.0);
        }
        self::assertCount($space === 'cmyk' ? 1 : 0, $art->remarks, 'CMYK without a profile is said');
    }

    /** A channel that nothing tells the meaning of, as paint programs add them; and plates in inks of their own. Told by libtiff’s own tools. */
    public function testChannelsWithoutAMeaningAreAskedAboutAndNeverDropped(): void
    {
        $picture = self::halves('#b5482f', '#f0e4ba');
        $picture->setImageAlphaChannel(\Imagick::ALPHACHANNEL_SET);
        $picture->setImageFormat('tiff');
        $path = $this->file($picture->getImageBlob());
        self::assertSame('tiff', ArtFile::at($path)->kind, 'transparency that says so is one');
        (new Process(['tiffset', '-s', '338', '1', '0', $path]))->mustRun();
        $this->assertRefused($path, 'one more channel, and nothing in it says what it is for');
        $inked = self::halves('#b5482f', '#f0e4ba');
        $inked->transformImageColorspace(\Imagick::COLORSPACE_CMYK);
        $inked->setImageFormat('tiff');
        $path = $this->file($inked->getImageBlob());
        self::assertSame('tiff', ArtFile::at($path)->kind, 'four process inks are colours');
        (new Process(['tiffset', '-s', '332', '2', $path]))->mustRun();
        $this->assertRefused($path, '4 plates, each in an ink of its own');
        $this->assertRefused($this->file("8BPS\0\1".str_repeat("\0", 60)), 'working file of a paint program');
        $this->assertRefused($this->file("II+\0\x08\0\0\0".str_repeat("\0", 60)), 'BigTIFF');
    }

    public function testAMovingGifAndABitmapCutShortAreSaid(): void
    {
        $gif = new \Imagick();
        foreach (['#b5482f', '#f0e4ba'] as $hex) {
            $frame = self::halves($hex, '#101010');
            $frame->setImageFormat('gif');
            $gif->addImage($frame);
        }
        $moving = ArtFile::at($this->file($gif->getImagesBlob()));
        self::assertStringContainsString('several pictures', implode(' ', $moving->remarks));
        $bmp = self::halves('#b5482f', '#f0e4ba');
        $bmp->setImageFormat('bmp');
        $this->assertRefused($this->file(substr($bmp->getImageBlob(), 0, 20_000)), 'The picture breaks off');
    }

    private function assertRefused(string $path, string $says): void
    {
        try {
            ArtFile::at($path);
            self::fail('It was taken.');
        } catch (UnreadableArt $refused) {
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }

    public function testAProfileInThePictureIsHonoured(): void
    {
        // A profile whose red and blue stand exchanged: the picture's red is blue in truth.
        $swapped = strtr(SrgbProfile::bytes(), ['rXYZ' => 'tmpX', 'bXYZ' => 'rXYZ']);
        $swapped = strtr($swapped, ['tmpX' => 'bXYZ']);
        $picture = self::halves('#ff0000', '#00ff00');
        $picture->profileImage('icc', $swapped);
        $picture->setImageFormat('png');
        $art = ArtDecoder::over(ArtFile::at($this->file($picture->getImageBlob())), Srgb::fromHex('#000000'));
        self::assertEqualsWithDelta([0, 0, 255], self::pixel($art, 20, 40), 3.0);
        self::assertEqualsWithDelta([0, 255, 0], self::pixel($art, 100, 40), 3.0);
        self::assertSame([], $art->remarks);
    }

    public function testOurOwnProfileIsSrgb(): void
    {
        $picture = self::halves('#b5482f', '#8fb3a2');
        $picture->profileImage('icc', SrgbProfile::bytes());
        $picture->setImageFormat('tiff');
        $art = ArtDecoder::over(ArtFile::at($this->file($picture->getImageBlob())), Srgb::fromHex('#000000'));
        self::assertEqualsWithDelta([0xB5, 0x48, 0x2F], self::pixel($art, 20, 40), 1.0);
        self::assertEqualsWithDelta([0x8F, 0xB3, 0xA2], self::pixel($art, 100, 40), 1.0);
    }

    public function testADamagedProfileIsLeftOutAndSaid(): void
    {
        $picture = self::halves('#b5482f', '#f0e4ba');
        $picture->setImageFormat('tiff');
        $picture->setImageProfile('icc', str_repeat('no profile at all ', 30));
        $art = ArtDecoder::over(ArtFile::at($this->file($picture->getImageBlob())), Srgb::fromHex('#000000'));
        self::assertEqualsWithDelta([0xB5, 0x48, 0x2F], self::pixel($art, 20, 40), 2.0);
        self::assertStringContainsString('The colour profile in the picture is damaged', implode(' ', $art->remarks));
    }

    public function testAPartIsTakenTurnedAndMirrored(): void
    {
        // Quarters: straw, rust above; sage, black below.
        $art = static fn (ArtFraming $f): ArtRaster => ArtDecoder::over(ArtFile::at(self::quarters()), Srgb::fromHex('#ffffff'), $f);
        $corner = static fn (ArtRaster $a, int $x, int $y): string => \sprintf('#%02x%02x%02x', ...self::pixel($a, $x, $y));
        $right = $art(new ArtFraming(left: 0.5, width: 0.5));
        self::assertSame([100, 120], [$right->width, $right->height]);
        self::assertSame([KnownArt::RUST, '#101010'], [$corner($right, 50, 20), $corner($right, 50, 100)]);
        $turned = $art(new ArtFraming(turnDeg: 90));
        self::assertSame([120, 200], [$turned->width, $turned->height]);
        self::assertSame(
            [KnownArt::RUST, '#101010', KnownArt::STRAW, KnownArt::SAGE],
            [$corner($turned, 20, 20), $corner($turned, 100, 20), $corner($turned, 20, 180), $corner($turned, 100, 180)],
        );
        $mirrored = $art(new ArtFraming(mirror: true));
        self::assertSame([KnownArt::RUST, KnownArt::STRAW], [$corner($mirrored, 20, 20), $corner($mirrored, 180, 20)]);
        $size = (new ArtFraming(turnDeg: 30))->size(200, 120);
        self::assertEqualsWithDelta([200 * cos(deg2rad(30)) + 60, 100 + 120 * cos(deg2rad(30))], [$size->width, $size->height], 1e-9);
    }

    /** @return iterable<string, array{array<string, float>, string}> */
    public static function wrongFramings(): iterable
    {
        yield 'nothing left' => [['width' => 0.001], 'Less than a hundredth'];
        yield 'beyond the edge' => [['left' => 0.6, 'width' => 0.6], 'beyond the edge'];
        yield 'more than all' => [['height' => 1.2], 'shares from 0 to 1'];
        yield 'more than once round' => [['turnDeg' => 400.0], 'more than once round'];
    }

    /** @param array<string, float> $given */
    #[DataProvider('wrongFramings')]
    public function testAPartThatIsNoneIsRefused(array $given, string $sentence): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($sentence);
        new ArtFraming(...$given);
    }

    public function testAGreyPictureLiesOnAColouredGarment(): void
    {
        $picture = new \Imagick();
        $picture->newImage(100, 60, new \ImagickPixel('transparent'));
        $draw = new \ImagickDraw();
        $draw->setFillColor(new \ImagickPixel('#c8c8c8'));
        $draw->rectangle(50, 0, 99, 59);
        $picture->drawImage($draw);
        $picture->setImageFormat('png');
        $art = ArtDecoder::over(ArtFile::at($this->file($picture->getImageBlob())), Srgb::fromHex('#1b2440'));
        self::assertSame([[0x1B, 0x24, 0x40], [0xC8, 0xC8, 0xC8]], [self::pixel($art, 20, 30), self::pixel($art, 80, 30)]);
        self::assertTrue($art->seeThrough);
        // Wholly clear: nothing would print, and that is said.
        $picture->newImage(100, 60, new \ImagickPixel('transparent'), 'png');
        $art = ArtDecoder::over(ArtFile::at($this->file($picture->getImageBlob())), Srgb::fromHex('#1b2440'));
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('or transparent: no plate would print');
        SpotSeparation::of($art, new SpotRequest(50.0, Srgb::fromHex('#1b2440')));
    }

    public function testAPictureOfOnePixelIsRefused(): void
    {
        $picture = new \Imagick();
        $picture->newImage(1, 1, new \ImagickPixel('#b5482f'), 'png');
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('The picture is 1 × 1 pixel: there is no drawing in it');
        ArtFile::at($this->file($picture->getImageBlob()));
    }

    public function testAVeryWideBannerOpensAndATooLargeOneIsRefused(): void
    {
        $wide = imagecreate(30_000, 24);
        imagecolorallocate($wide, 240, 228, 186);
        imagefilledrectangle($wide, 15_000, 0, 29_999, 23, (int) imagecolorallocate($wide, 181, 72, 47));
        ob_start();
        imagepng($wide);
        $art = ArtDecoder::over(ArtFile::at($this->file((string) ob_get_clean())), Srgb::fromHex('#1b2440'));
        self::assertSame([30_000, 24], [$art->width, $art->height]);
        self::assertSame([181, 72, 47], self::pixel($art, 29_000, 12));
        // The head of a PNG that says 30,000 × 30,000 pixels.
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('Ektype takes up to 200');
        ArtFile::at(
            $this->file(
                "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NNCCCCC', 30_000, 30_000, 8, 2, 0, 0, 0).pack('N', 0).pack('N', 0).'IEND',
            ),
        );
    }

    public function testAGrainyPhotographOfADrawingStillHasItsThreeColours(): void
    {
        mt_srand(5);
        $drawn = KnownArt::drawn(150);
        $rgb = '';
        for ($i = 0, $end = \strlen($drawn->rgb); $i < $end; ++$i) {
            // Grain of about ± 7, and the light falling off by 6 % to the right.
            $light = 1 - 0.06 * (intdiv($i, 3) % $drawn->width) / $drawn->width;
            $grain = (mt_rand(-100, 100) + mt_rand(-100, 100) + mt_rand(-100, 100)) / 300 * 12;
            $rgb .= \chr((int) max(0, min(255, round(\ord($drawn->rgb[$i]) * $light + $grain))));
        }
        $picture = new \Imagick();
        $picture->setSize($drawn->width, $drawn->height);
        $picture->setOption('depth', '8');
        $picture->readImageBlob("P6\n{$drawn->width} {$drawn->height}\n255\n".$rgb);
        $picture->setImageFormat('png');
        $art = ArtDecoder::over(ArtFile::at($this->file($picture->getImageBlob())), Srgb::fromHex(KnownArt::GARMENT));
        self::assertStringContainsString('grainy', implode(' ', $art->remarks));
        self::assertLessThanOrEqual(5, \count(PaletteFinder::find($art)->colours));
        $result = SpotSeparation::of($art, new SpotRequest(40.0, Srgb::fromHex(KnownArt::GARMENT), new SpotPlan(inks: 3)));
        self::assertCount(4, $result->plates, 'three inks and the base');
        $truth = [
            KnownArt::SAGE => \M_PI * 16 / 100,
            KnownArt::STRAW => (\M_PI * (81 - 16) + 33 * 2.5) / 100,
            KnownArt::RUST => 13 * 13 * 1.3 / 2 / 100,
        ];
        foreach ($truth as $cm2) {
            $nearest = min(array_map(static fn ($p): float => abs($p->area->artCm2 - $cm2) / $cm2, $result->plates));
            self::assertLessThan(0.04, $nearest);
        }
    }

    private static function halves(string $left, string $right): \Imagick
    {
        $picture = new \Imagick();
        $picture->newImage(120, 80, new \ImagickPixel($left));
        $half = new \Imagick();
        $half->newImage(60, 80, new \ImagickPixel($right));
        $picture->compositeImage($half, \Imagick::COMPOSITE_OVER, 60, 0);

        return $picture;
    }

    private static function quarters(): string
    {
        static $path = null;
        if (!\is_string($path)) {
            $art = KnownArt::blocks(20, ...array_fill(0, 3, 'sssssrrrrr'), ...array_fill(0, 3, 'gggggkkkkk'));
            $path = tempnam(sys_get_temp_dir(), 'quarters');
            $picture = new \Imagick();
            $picture->readImageBlob("P6\n{$art->width} {$art->height}\n255\n".$art->rgb);
            $picture->setImageFormat('png');
            file_put_contents((string) $path, $picture->getImageBlob());
        }

        return (string) $path;
    }

    /** @return array{int, int, int} */
    private static function pixel(ArtRaster $art, int $x, int $y): array
    {
        $at = 3 * ($y * $art->width + $x);

        return [\ord($art->rgb[$at]), \ord($art->rgb[$at + 1]), \ord($art->rgb[$at + 2])];
    }

    private function file(string $bytes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'art');
        file_put_contents($path, $bytes);
        $this->files[] = $path;

        return $path;
    }
}
