<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Separation\PulledLayer;
use Ektype\Core\Separation\PulledPrint;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class PulledPrintTest extends TestCase
{
    /** Run by run it gives what pixel by pixel would: each pixel against the formula of the layers. */
    public function testEveryPixelFollowsTheFormulaOfTheLayers(): void
    {
        $random = new Randomizer(new Mt19937(8));
        $bytes = ['', ''];
        for ($i = 0; $i < 600; ++$i) {
            $bytes[0] .= \chr($i < 200 ? 0 : ($i < 400 ? 64 : $random->getInt(0, 64)));
            $bytes[1] .= \chr($i % 50 < 20 ? 0 : $random->getInt(0, 3) * 21);
        }
        $garment = Srgb::fromHex('#1b2440');
        $inks = [Srgb::fromHex('#f6f4ee'), Srgb::fromHex('#dc8a2c')];
        $rgba = PulledPrint::rgba($garment, [
            new PulledLayer(new CoverageMap(30, 20, 8, $bytes[0]), $inks[0], 0.97),
            new PulledLayer(new CoverageMap(30, 20, 8, $bytes[1]), $inks[1], 0.92),
        ]);
        self::assertSame(2400, \strlen($rgba));
        $layers = new PrintedLayers();
        for ($i = 0; $i < 600; ++$i) {
            $a = \ord($bytes[0][$i]) / 64;
            $b = \ord($bytes[1][$i]) / 64;
            $pixel = substr($rgba, 4 * $i, 4);
            if ("\0\0" === $bytes[0][$i].$bytes[1][$i]) {
                self::assertSame("\0\0\0\0", $pixel, 'bare cloth is clear');
                continue;
            }
            // The first ink lies on bare cloth and sinks in; the second sinks where the first is not.
            $truth = $layers->over(
                $garment,
                [new LaidInk($inks[0], $a, 0.97 * (1 - PulledPrint::SINKS)), new LaidInk($inks[1], $b, 0.92 * (1 - PulledPrint::SINKS * (1 - $a)))],
            );
            self::assertSame($truth->hex().'ff', '#'.bin2hex($pixel), "pixel $i");
        }
    }

    public function testInkStandsOnPaperAndSinksIntoCloth(): void
    {
        $layer = [new PulledLayer(new CoverageMap(1, 1, 8, \chr(64)), Srgb::fromHex('#5f2747'), 0.94)];
        $layers = new PrintedLayers();
        $white = Srgb::fromHex('#ffffff');
        foreach (['paper' => 0.94, 'rigid' => 0.94, 'cotton' => 0.94 * (1 - PulledPrint::SINKS)] as $substrate => $hiding) {
            $pixel = PulledPrint::rgba($white, $layer, PulledPrint::sinks(Substrate::from($substrate)));
            self::assertSame(
                $layers->over($white, [new LaidInk(Srgb::fromHex('#5f2747'), 1.0, $hiding)])->hex().'ff',
                '#'.bin2hex($pixel),
                $substrate,
            );
        }
    }

    public function testNoPlatesGiveNothing(): void
    {
        self::assertSame('', PulledPrint::rgba(Srgb::fromHex('#000000'), []));
    }
}
