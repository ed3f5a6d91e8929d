<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Film;

use Ektype\Core\Film\FilmPlane;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\MarkFinder;
use Ektype\Core\Film\RegisterStrip;
use Ektype\Core\Raster\BitPlane;
use PHPUnit\Framework\TestCase;

final class RegisterStripTest extends TestCase
{
    private const NAMES = ['White', 'Straw', 'Sage', 'Amber', 'Rust', 'Sea', 'Plum', 'Ink'];

    /** Whatever the size and the number of plates: no target lies in the print, over a mark, over another, or beyond the film. */
    public function testTargetsStandClearOfAllElse(): void
    {
        $without = 0;
        foreach ([60, 90, 150, 290] as $width) {
            foreach ([40, 120, 312] as $height) {
                for ($plates = 2; $plates <= 8; ++$plates) {
                    $sheet = new FilmSheet((int) round($width / 25.4 * 300), (int) round($height / 25.4 * 300), 300, $plates, stepWedge: true);
                    $strip = RegisterStrip::on($sheet, \array_slice(self::NAMES, 0, $plates));
                    if ($strip === null) {
                        ++$without;
                        continue;
                    }
                    self::assertCount(3 * ($plates - 1), $strip->slots, 'every plate but the key in three corners');
                    $places = [...array_map(static fn ($s): array => [$s->at, RegisterStrip::RING_MM + 0.15], $strip->slots), ...array_map(static fn ($s): array => [$s, RegisterStrip::SPOT_MM], array_values($strip->spots))];
                    foreach ($strip->verniers() as [$across, $along]) {
                        $places[] = [$across, 5.2];
                        $places[] = [$along, 5.2];
                    }
                    foreach ($places as $i => [$at, $radius]) {
                        self::assertTrue(abs($at->xMm) > $width / 2 + $radius || abs($at->yMm) > $height / 2 + $radius, "$width × $height, $plates plates: clear of the print");
                        $film = $sheet->onFilm($at->xMm, $at->yMm);
                        self::assertGreaterThan($radius, min($film->xMm, $film->yMm, $sheet->mm($sheet->widthPx) - $film->xMm, $sheet->mm($sheet->heightPx) - $film->yMm), 'on the film');
                        foreach ($sheet->marks() as $mark) {
                            self::assertGreaterThan(($radius < 3 ? 4.0 : 3.0) + $radius, hypot($mark->xMm - $at->xMm, $mark->yMm - $at->yMm), "$width × $height, $plates plates: clear of {$mark->name}");
                        }
                        foreach (\array_slice($places, $i + 1) as [$other, $its]) {
                            if ($radius < 3 && $its < 3) {
                                self::assertGreaterThan($radius + $its, $at->to($other), 'clear of each other');
                            }
                        }
                    }
                }
            }
        }
        self::assertLessThan(20, $without, 'only small prints with many plates have none');
    }

    public function testAllPlatesTogetherTouchNowhereButAtTheMarks(): void
    {
        $sheet = new FilmSheet((int) (150 / 25.4 * 300), (int) (120 / 25.4 * 300), 300, 5);
        $strip = RegisterStrip::on($sheet, \array_slice(self::NAMES, 0, 5));
        self::assertNotNull($strip);
        $blank = BitPlane::blank($sheet->artWidthPx, $sheet->artHeightPx);
        $bare = FilmPlane::of($sheet, $blank, '');
        $own = array_map(static fn (int $k): BitPlane => FilmPlane::of($sheet, $blank, '', $strip->of($k))->without($bare), range(0, 4));
        foreach ($own as $k => $plane) {
            self::assertFalse($plane->isBlank(), 'each plate prints of it');
            self::assertCount(6, MarkFinder::in(FilmPlane::of($sheet, $blank, '', $strip->of($k)), 300), 'no target is taken for a mark');
            foreach (\array_slice($own, $k + 1) as $other) {
                $over = $plane->and($other)->count();
                self::assertLessThan($k === 0 ? 900 : 1, $over, 'films in register: only the long middle lines of the verniers meet');
            }
        }
    }

    public function testALineOfTheVernierMeetsForEveryTenth(): void
    {
        $key = array_map(static fn (int $i): float => $i * RegisterStrip::VERNIER_KEY_MM, range(-5, 5));
        foreach ([-0.5, -0.3, 0.0, 0.2, 0.5] as $off) {
            $meets = null;
            foreach (range(-5, 5) as $i) {
                if (abs($i * RegisterStrip::VERNIER_PLATE_MM + $off - $key[$i + 5]) < 1e-9) {
                    $meets = $i;
                }
            }
            self::assertSame((int) round($off * 10), $meets, 'the line that meets counts the tenths');
        }
    }

    /** A ring is as black as a ring of its radius and line is. */
    public function testRingsAreDrawnAsThickAsTheyAre(): void
    {
        $sheet = new FilmSheet((int) (150 / 25.4 * 600), (int) (120 / 25.4 * 600), 600, 3);
        $strip = RegisterStrip::on($sheet, \array_slice(self::NAMES, 0, 3));
        self::assertNotNull($strip);
        $shapes = $strip->of(0);
        self::assertNotSame([], $shapes->rings);
        $plane = FilmPlane::of($sheet, BitPlane::blank($sheet->artWidthPx, $sheet->artHeightPx), 'key', $shapes);
        $perMm = 600 / 25.4;
        foreach ($shapes->rings as [$x, $y, $radius, $line]) {
            $inked = 0;
            for ($row = (int) (($y - $radius - $line) * $perMm); $row < ($y + $radius + $line) * $perMm; ++$row) {
                $bytes = $plane->row($row);
                for ($at = (int) (($x - $radius - $line) * $perMm); $at < ($x + $radius + $line) * $perMm; ++$at) {
                    $far = hypot($at + 0.5 - $x * $perMm, $row + 0.5 - $y * $perMm) / $perMm;
                    $inked += abs($far - $radius) < 2 * $line && (\ord($bytes[$at >> 3]) >> (7 - ($at & 7)) & 1) === 1 ? 1 : 0;
                }
            }
            self::assertEqualsWithDelta(2 * \M_PI * $radius * $line * $perMm ** 2, $inked, 0.12 * 2 * \M_PI * $radius * $line * $perMm ** 2);
        }
    }

    public function testOtherFilmsHaveOtherDots(): void
    {
        $sheet = new FilmSheet(3000, 3000, 300, 4);
        $codes = [];
        foreach (['Sage', 'Rust', 'Sea', 'Plum', 'Ink', 'Fog', 'Oat', 'Bay'] as $last) {
            $codes[] = RegisterStrip::on($sheet, ['White', 'Straw', $last])?->code;
        }
        self::assertGreaterThan(6, \count(array_unique($codes)));
        self::assertSame($codes[0], RegisterStrip::on(new FilmSheet(6000, 6000, 600, 4), ['White', 'Straw', 'Sage'])?->code, 'the same films at another resolution have the same');
        self::assertNull(RegisterStrip::on($sheet, ['White']), 'one plate needs none');
    }
}
