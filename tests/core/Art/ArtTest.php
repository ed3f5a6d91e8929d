<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Art;

use Ektype\Core\Art\ArtDecoder;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Unit\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ArtTest extends TestCase
{
    private string $path = '';

    protected function tearDown(): void
    {
        if ('' !== $this->path && is_file($this->path)) {
            unlink($this->path);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        $picture = imagecreatetruecolor(300, 200);
        for ($i = 0; $i < 4000; ++$i) {
            imagesetpixel($picture, $i * 7 % 300, $i * 13 % 200, $i * 4099);
        }
        ob_start();
        imagepng($picture);
        $png = (string) ob_get_clean();
        ob_start();
        imagejpeg($picture);
        $jpeg = (string) ob_get_clean();
        yield 'empty' => ['', 'The file is empty'];
        yield 'text' => ['Dear printer, please find attached', 'not a picture that Ektype can read'];
        yield 'half a png' => [substr($png, 0, intdiv(\strlen($png), 2)), 'breaks off'];
        yield 'half a jpeg' => [substr($jpeg, 0, intdiv(\strlen($jpeg), 2)), 'breaks off'];
        yield 'a png head' => [substr($png, 0, 20), 'breaks off'];
        yield 'a damaged png' => [substr($png, 0, 400).str_repeat('x', 300).substr($png, 700), 'damaged'];
        yield 'a huge png' => [substr_replace($png, pack('NN', 20000, 20000), 16, 8), 'megapixels'];
        yield 'a page' => ['<?xml version="1.0"?><html xmlns="http://www.w3.org/1999/xhtml"><body/></html>', 'not a picture'];
        yield 'broken svg' => ['<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10"><rect', 'its tags do not close'];
        yield 'sizeless svg' => ['<svg xmlns="http://www.w3.org/2000/svg"><rect width="5" height="5"/></svg>', 'has no size'];
        yield 'zero svg' => ['<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 0 10" width="0"/>', 'has no size'];
        $svg = static fn (string $inside): string => '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 10 10">'.$inside.'</svg>';
        yield 'svg with a picture elsewhere' => [
            $svg('<image xlink:href="file:///etc/hostname" width="5" height="5"/>'),
            'reaches outside itself',
        ];
        yield 'svg with a style elsewhere' => [$svg('<style>@import url("other.css");</style>'), 'reaches outside itself'];
        yield 'svg with a fill elsewhere' => [$svg('<rect fill="url(other.svg#a)" width="5" height="5"/>'), 'reaches outside itself'];
        yield 'svg with a script' => [$svg('<script>1</script>'), 'reaches outside itself'];
        yield 'svg with entities' => [
            '<!DOCTYPE svg [<!ENTITY a SYSTEM "file:///etc/hostname">]>'.$svg('<text>&a;</text>'),
            'reaches outside itself',
        ];
    }

    #[DataProvider('unreadable')]
    public function testRefusesInPlainWords(string $bytes, string $sentence): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($sentence);
        ArtDecoder::over(ArtFile::at($this->file($bytes)), Srgb::fromHex('#ffffff'));
    }

    public function testTransparentPartsShowTheGarment(): void
    {
        $picture = imagecreatetruecolor(40, 20);
        imagealphablending($picture, false);
        imagesavealpha($picture, true);
        imagefilledrectangle($picture, 0, 0, 39, 19, (int) imagecolorallocatealpha($picture, 0, 0, 0, 127));
        imagefilledrectangle($picture, 20, 0, 39, 19, (int) imagecolorallocatealpha($picture, 200, 40, 30, 0));
        ob_start();
        imagepng($picture);
        $art = ArtDecoder::over(ArtFile::at($this->file((string) ob_get_clean())), Srgb::fromHex('#1b2436'));
        self::assertTrue($art->seeThrough);
        self::assertSame('1b2436', bin2hex(substr($art->rgb, 0, 3)));
        self::assertSame('c8281e', bin2hex(substr($art->rgb, 30 * 3, 3)));
        self::assertEqualsWithDelta(40 * 25.4 / 100, $art->ppi(100), 1e-9);
    }

    public function testTheTwoWaysOfDecodingAgree(): void
    {
        $picture = imagecreatetruecolor(700, 900);
        for ($i = 0; $i < 900; ++$i) {
            imageline($picture, 0, $i, 699, 899 - $i, $i * 18000 & 0xFFFFFF);
        }
        ob_start();
        imagepng($picture);
        $file = ArtFile::at($this->file((string) ob_get_clean()));
        $bands = new \ReflectionMethod(ArtDecoder::class, 'inBands');
        $other = $bands->invoke(null, $file, Srgb::fromHex('#ffffff'), new \Ektype\Core\Art\ArtFraming());
        self::assertInstanceOf(\Ektype\Core\Art\ArtRaster::class, $other);
        self::assertSame(md5(ArtDecoder::over($file, Srgb::fromHex('#ffffff'))->rgb), md5($other->rgb));
    }

    public function testAnSvgTellsItsSize(): void
    {
        $file = ArtFile::at(
            $this->file('<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" width="50mm" height="25mm"><use href="#a"/></svg>'),
        );
        self::assertSame(['svg', 2.0], [$file->kind, (float) $file->width / $file->height]);
    }

    private function file(string $bytes): string
    {
        $this->path = (string) tempnam(sys_get_temp_dir(), 'art');
        file_put_contents($this->path, $bytes);

        return $this->path;
    }
}
