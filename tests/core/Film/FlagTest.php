<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Film;

use Ektype\Core\Film\FilmAsRead;
use Ektype\Core\Film\FilmCheck;
use Ektype\Core\Film\FilmPlane;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\Flag;
use Ektype\Core\Film\MarkFinder;
use Ektype\Core\Raster\BitPlane;
use Ektype\Tests\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A film that lies the wrong way round is never passed: its marks are alike all round, its flag is not. */
final class FlagTest extends TestCase
{
    /** @param callable(BitPlane): BitPlane $laid */
    #[DataProvider('someWays')]
    public function testAFilmThatLiesWrongIsSaid(callable $laid, string $says, int $plates): void
    {
        foreach ([300.0, 600.0] as $dpi) {
            [$film, $sheet] = self::film($dpi, $plates);
            $read = $laid($film);
            $marks = MarkFinder::in($read, $dpi);
            self::assertCount(\count($sheet->marks()), $marks, 'its marks are where marks are');
            $flags = Flag::on($read, $dpi, $dpi, $marks);
            self::assertCount(1, $flags);
            if ($says === '') {
                self::assertSame('', Flag::says($flags, $marks, true));
            } else {
                self::assertStringContainsString($says, Flag::says($flags, $marks, true));
            }
            $good = new FilmAsRead('one', $film->width / $dpi * 25.4, $film->height / $dpi * 25.4, MarkFinder::in($film, $dpi), Flag::on($film, $dpi, $dpi, MarkFinder::in($film, $dpi)));
            $this->checked($good, $read, $dpi, $says);
        }
    }

    private function checked(FilmAsRead $good, BitPlane $read, float $dpi, string $says): void
    {
        $marks = MarkFinder::in($read, $dpi);
        $check = FilmCheck::of([$good, new FilmAsRead('two', $read->width / $dpi * 25.4, $read->height / $dpi * 25.4, $marks, Flag::on($read, $dpi, $dpi, $marks))], [], true);
        self::assertSame($says === '', $check->inRegister, implode(' ', $check->says));
        if ($says !== '') {
            self::assertStringContainsString('two: it lies', implode(' ', $check->says));
        }
    }

    /** @return iterable<string, array{callable(BitPlane): BitPlane, string, int}> */
    public static function someWays(): iterable
    {
        return Measure::some(4, self::ways());
    }

    /** @return iterable<string, array{callable(BitPlane): BitPlane, string, int}> */
    public static function ways(): iterable
    {
        $mirrored = static fn (BitPlane $p): BitPlane => self::drawn($p->width, $p->height, static fn (int $x, int $y): bool => $p->isSet($p->width - 1 - $x, $y));
        $turned = static fn (BitPlane $p): BitPlane => self::drawn($p->width, $p->height, static fn (int $x, int $y): bool => $p->isSet($p->width - 1 - $x, $p->height - 1 - $y));
        $flipped = static fn (BitPlane $p): BitPlane => self::drawn($p->width, $p->height, static fn (int $x, int $y): bool => $p->isSet($x, $p->height - 1 - $y));
        $quarter = static fn (BitPlane $p): BitPlane => self::drawn($p->height, $p->width, static fn (int $x, int $y): bool => $p->isSet($y, $p->height - 1 - $x));
        foreach ([2, 5] as $plates) {
            yield "right, $plates plates" => [static fn (BitPlane $p): BitPlane => $p, '', $plates];
            yield "mirrored, $plates plates" => [$mirrored, 'it lies mirrored', $plates];
            yield "upside down, $plates plates" => [$turned, 'upside down, turned by half', $plates];
            yield "flipped, $plates plates" => [$flipped, 'upside down and mirrored', $plates];
            yield "on its side, $plates plates" => [$quarter, 'on its side', $plates];
        }
    }

    public function testAFilmWithoutItsFlagIsSaidWhereTheSetHasOne(): void
    {
        [$film] = self::film(300.0, 3);
        $marks = MarkFinder::in($film, 300);
        self::assertStringContainsString('whether it lies mirrored cannot be seen', Flag::says([], $marks, true));
        self::assertSame('', Flag::says([], $marks, false), 'older sets have none');
        self::assertSame('', Flag::says([], [], true), 'a film without marks is said to be one already');
        $flag = Flag::on($film, 300, 300, $marks);
        self::assertStringContainsString('more than one', Flag::says([...$flag, ...$flag], $marks, true));
    }

    /** Solid ink that comes near the top mark is no flag: only a square that stands clear is. */
    public function testArtBesideAMarkIsNoFlag(): void
    {
        [$film, $sheet] = self::film(300.0, 2);
        $flag = $sheet->flag();
        self::assertNotNull($flag);
        [$x, $y, $wide, $high] = array_map(static fn (float $mm): int => (int) round($mm / 25.4 * 300), $flag);
        $smeared = self::drawn($film->width, $film->height, static fn (int $px, int $py): bool => $film->isSet($px, $py) || ($px >= $x && $px < $x + 3 * $wide && abs($py - $y - intdiv($high, 2)) < $high));
        self::assertSame([], Flag::on($smeared, 300, 300, MarkFinder::in($smeared, 300)));
    }

    public function testANarrowPrintHasNoRoomForOne(): void
    {
        self::assertNull((new FilmSheet((int) (8 / 25.4 * 300), 400, 300, 3))->flag());
        self::assertNotNull((new FilmSheet((int) (20 / 25.4 * 300), 400, 300, 3))->flag());
    }

    /** @return array{BitPlane, FilmSheet} */
    private static function film(float $dpi, int $plates): array
    {
        $print = self::drawn((int) (40 / 25.4 * $dpi), (int) (30 / 25.4 * $dpi), static fn (int $x, int $y): bool => $x > 40 && $x < 300 && $y > 30 && $y < 200 && ($x + $y) % 97 > 20);
        $sheet = new FilmSheet($print->width, $print->height, $dpi, $plates);

        return [FilmPlane::of($sheet, $print, 'Moth plate 1'), $sheet];
    }

    /** @param callable(int, int): bool $inside */
    private static function drawn(int $width, int $height, callable $inside): BitPlane
    {
        $bytes = '';
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; $x += 8) {
                $byte = 0;
                for ($bit = 0; $bit < 8; ++$bit) {
                    $byte |= $x + $bit < $width && $inside($x + $bit, $y) ? 0x80 >> $bit : 0;
                }
                $bytes .= \chr($byte);
            }
        }

        return new BitPlane($width, $height, $bytes);
    }
}
