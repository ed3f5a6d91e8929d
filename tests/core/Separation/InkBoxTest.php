<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Separation\InkBox;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class InkBoxTest extends TestCase
{
    /** Blobs laid at places that are known: their box, one pixel wider, is what is found. */
    public function testTheBoxIsThatOfAllInkAndOnePixelMore(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($i = 0; $i < 60; ++$i) {
            [$w, $h] = [$random->getInt(40, 160), $random->getInt(40, 160)];
            $ink = str_repeat("\0", $w * $h);
            [$left, $top, $right, $bottom] = [$w, $h, 0, 0];
            for ($k = $random->getInt(1, 5); $k > 0; --$k) {
                [$x, $y] = [$random->getInt(3, $w - 4), $random->getInt(3, $h - 4)];
                $ink[$y * $w + $x] = "\1";
                [$left, $top, $right, $bottom] = [min($left, $x), min($top, $y), max($right, $x), max($bottom, $y)];
            }
            $box = InkBox::of($ink, $w, $h);
            self::assertEqualsWithDelta(($left - 1) / $w, $box->left, 1e-9);
            self::assertEqualsWithDelta(($top - 1) / $h, $box->top, 1e-9);
            self::assertEqualsWithDelta(($right - $left + 3) / $w, $box->width, 1e-9);
            self::assertEqualsWithDelta(($bottom - $top + 3) / $h, $box->height, 1e-9);
        }
    }

    public function testInkUpToTheEdgesAndNoInkAtAllLeaveTheWhole(): void
    {
        self::assertTrue(InkBox::of(str_repeat("\1", 5000), 100, 50)->isWhole());
        self::assertTrue(InkBox::of(str_repeat("\0", 5000), 100, 50)->isWhole());
    }

    /** Paper is what is nearly white nearly all round: a dark panel, and white type within it, are print. */
    public function testOnlyAPaperWhiteBorderIsPaper(): void
    {
        $panel = static fn (string $ground, string $type): string => str_repeat($ground, 40 * 15).str_repeat($ground, 10).str_repeat($type, 20).str_repeat($ground, 10).str_repeat($ground, 40 * 14);
        $ink = static fn (string $rgb): int => substr_count(InkBox::onPaper($rgb, 40, 30), "\1");
        self::assertSame(20, $ink($panel("\xFE\xFF\xFC", "\x20\x20\x80")), 'type on paper');
        self::assertSame(1200, $ink($panel("\x20\x20\x80", "\xFF\xFF\xFF")), 'white type on a panel');
        self::assertSame(20, $ink($panel("\xF4\xF2\xF0", "\x20\x20\x80")), 'scanned paper');
        // One corner of another colour is a third of the border: no paper.
        $corner = $panel("\xFF\xFF\xFF", "\x20\x20\x80");
        for ($i = 0; $i < 40; ++$i) {
            $corner = substr_replace($corner, "\x20\x20\x80", 3 * $i, 3);
        }
        self::assertSame(1200, $ink($corner));
    }
}
