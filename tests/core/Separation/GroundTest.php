<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\Ground;
use Ektype\Core\Separation\Palette;
use Ektype\Core\Separation\PaletteColour;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class GroundTest extends TestCase
{
    /** Run by run against a plain flood that asks every neighbour, on mazes. */
    public function testCutsOutWhatConnectsToTheBorderAndNothingElse(): void
    {
        $random = new Randomizer(new Mt19937(6));
        for ($maze = 0; $maze < 30; ++$maze) {
            $w = $random->getInt(3, 24);
            $h = $random->getInt(3, 24);
            $owners = '';
            for ($i = 0; $i < $w * $h; ++$i) {
                $owners .= \chr($random->getInt(0, 9) < 6 ? 0 : 1);
            }
            self::assertSame(bin2hex(self::flooded($owners, $w, $h)), bin2hex(Ground::cutOut($owners, $w, $h, 0, 7)));
        }
    }

    public function testOnlyAPaperWhiteBorderIsGround(): void
    {
        $palette = new Palette([new PaletteColour(Srgb::fromHex('#ffffff'), 0.5), new PaletteColour(Srgb::fromHex('#1b2440'), 0.5)], false);
        $inside = "\1\1";
        self::assertSame(0, Ground::colour("\0\0\0\0\0".$inside."\0\0\0\0\0", 4, 3, $palette));
        self::assertNull(Ground::colour("\1\1\1\1\1\0\0\1\1\1\1\1", 4, 3, $palette), 'a dark full panel is meant to print');
        self::assertNull(Ground::colour("\0\0\1\1\0".$inside."\0\0\0\1\1", 4, 3, $palette), 'a border of two colours is none');
    }

    private static function flooded(string $owners, int $w, int $h): string
    {
        $open = [];
        for ($y = 0; $y < $h; ++$y) {
            for ($x = 0; $x < $w; ++$x) {
                if ($x === 0 || $y === 0 || $x === $w - 1 || $y === $h - 1) {
                    $open[] = [$x, $y];
                }
            }
        }
        while ($open !== []) {
            [$x, $y] = array_pop($open);
            if ($x < 0 || $y < 0 || $x >= $w || $y >= $h || $owners[$y * $w + $x] !== "\0") {
                continue;
            }
            $owners[$y * $w + $x] = "\7";
            array_push($open, [$x + 1, $y], [$x - 1, $y], [$x, $y + 1], [$x, $y - 1]);
        }

        return $owners;
    }
}
