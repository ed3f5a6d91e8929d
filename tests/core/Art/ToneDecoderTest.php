<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Art;

use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ToneDecoder;
use Ektype\Core\Art\UnreadableArt;
use PHPUnit\Framework\TestCase;

/** White is bare and black is all ink, whatever a picture is saved as. */
final class ToneDecoderTest extends TestCase
{
    public function testEveryGreyComesAsItIs(): void
    {
        foreach ([[8, 'png'], [16, 'png'], [8, 'tiff'], [16, 'tiff']] as [$depth, $format]) {
            $ramp = self::ramp();
            $ramp->setImageDepth($depth);
            $tones = self::read($ramp, $format, 256, 8);
            for ($grey = 0; $grey < 256; ++$grey) {
                self::assertSame(255 - $grey, \ord($tones[3 * 256 + $grey]), "$depth bit $format, grey $grey");
            }
        }
    }

    public function testWhatIsSeeThroughIsBareAndAColourCountsByItsLuma(): void
    {
        $picture = new \Imagick();
        $picture->newImage(30, 10, new \ImagickPixel('none'));
        $draw = new \ImagickDraw();
        $draw->setFillColor(new \ImagickPixel('#00ff00'));
        $draw->rectangle(10, 0, 19, 9);
        $draw->setFillColor(new \ImagickPixel('rgba(0,0,0,0.5)'));
        $draw->rectangle(20, 0, 29, 9);
        $picture->drawImage($draw);
        $tones = self::read($picture, 'png', 30, 10);
        self::assertSame(0, \ord($tones[5 * 30 + 4]));
        // 1 − 0.7152, and half of black.
        self::assertEqualsWithDelta(255 * 0.2848, \ord($tones[5 * 30 + 14]), 1.0);
        self::assertEqualsWithDelta(127.5, \ord($tones[5 * 30 + 24]), 1.5);
    }

    public function testAnotherSizeKeepsItsTones(): void
    {
        foreach ([[512, 16], [128, 4], [257, 8]] as [$width, $height]) {
            $tones = self::read(self::ramp(), 'png', $width, $height);
            for ($x = 4; $x < $width - 4; ++$x) {
                self::assertEqualsWithDelta(255 - ($x + 0.5) * 256 / $width, \ord($tones[2 * $width + $x]), 1.6, "$width wide, at $x");
            }
        }
    }

    public function testADrawingIsNoPhotograph(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'art');
        file_put_contents($path, '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 40"><circle cx="20" cy="20" r="14"/></svg>');
        $this->expectException(UnreadableArt::class);
        ToneDecoder::of(ArtFile::at($path), 60, 40);
    }

    private static function ramp(): \Imagick
    {
        $bytes = '';
        for ($y = 0; $y < 8; ++$y) {
            $bytes .= implode('', array_map(\chr(...), range(0, 255)));
        }
        $picture = new \Imagick();
        $picture->setSize(256, 8);
        $picture->setOption('depth', '8');
        $picture->readImageBlob('P5 256 8 255 '.$bytes, 'ramp.pgm');

        return $picture;
    }

    private static function read(\Imagick $picture, string $format, int $width, int $height): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'art');
        $picture->setImageFormat($format);
        $picture->writeImage("$format:$path");

        return ToneDecoder::of(ArtFile::at($path), $width, $height)->tones;
    }
}
