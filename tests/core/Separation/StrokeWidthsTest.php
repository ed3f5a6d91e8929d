<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Separation\StrokeWidths;
use Ektype\Tests\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StrokeWidthsTest extends TestCase
{
    /** @return iterable<string, array{float, float}> */
    public static function someStrokes(): iterable
    {
        return Measure::some(9, self::strokes());
    }

    /** @return iterable<string, array{float, float}> */
    public static function strokes(): iterable
    {
        foreach ([0.2, 0.35, 0.6, 1.0] as $width) {
            foreach ([0, 12, 30, 44.5, 45, 46, 61, 83, 90] as $lean) {
                yield "$width mm at {$lean}°" => [$width, $lean];
            }
        }
    }

    /** Whatever its lean, a stroke and a gap read their true width to a film pixel (0.042 mm). */
    #[DataProvider('someStrokes')]
    public function testAStrokeAndAGapAreAsWideAsDrawn(float $width, float $lean): void
    {
        $on = static fn (float $x, float $y): bool => abs(
            ($x - 12.01) * cos(deg2rad($lean)) + ($y - 12.02) * sin(deg2rad($lean)),
        ) <= $width / 2 && abs(($y - 12.02) * cos(deg2rad($lean)) - ($x - 12.01) * sin(deg2rad($lean))) < 8;
        $line = StrokeWidths::of(DrawnPlane::of(24, 24, 600, $on), 600);
        self::assertEqualsWithDelta($width, $line->finestLineMm(), 0.042);
        self::assertNull($line->finestGapMm());

        $gap = StrokeWidths::of(
            DrawnPlane::of(24, 24, 600, static fn (float $x, float $y): bool => $x > 2 && $x < 22 && $y > 2 && $y < 22 && !$on($x, $y)),
            600,
        );
        self::assertEqualsWithDelta($width, $gap->finestGapMm(), 0.042);
    }

    public function testTheThinPlaceIsWhereItIs(): void
    {
        $plane = DrawnPlane::of(
            60,
            40,
            600,
            static fn (
                float $x,
                float $y,
            ): bool => (abs($x - 12) < 0.5 && $y > 4 && $y < 36) || (abs($y - 30) < 0.12 && $x > 40 && $x < 55),
        );
        $lines = StrokeWidths::of($plane, 600)->lines;
        self::assertEqualsWithDelta(0.24, $lines[0]->widthMm, 0.042);
        self::assertGreaterThan(39, $lines[0]->xMm);
        self::assertEqualsWithDelta(30, $lines[0]->yMm, 0.3);
        foreach ($lines as $place) {
            self::assertTrue(($place->xMm < 13 && $place->widthMm > 0.9) || ($place->xMm > 39 && $place->widthMm < 0.3));
        }
    }

    /** @return iterable<string, array{callable(float, float): bool, float|null}> */
    public static function shapes(): iterable
    {
        yield 'a large disc is no line' => [static fn (float $x, float $y): bool => hypot($x - 12, $y - 12) < 8, null];
        yield 'a wedge is no line' => [
            static fn (float $x, float $y): bool => $y > 2 && $y < 22 && abs($x - 12) < ($y - 2) * tan(deg2rad(20)),
            null,
        ];
        yield 'a square on its corner is none' => [static fn (float $x, float $y): bool => abs($x - 12) + abs($y - 12) < 7, null];
        yield 'a small dot is as wide as it is' => [static fn (float $x, float $y): bool => hypot($x - 12, $y - 12) < 0.2, 0.4];
        yield 'the ring of a letter is as wide as its stroke' => [
            static fn (float $x, float $y): bool => abs(hypot($x - 12, $y - 12) - 5) < 0.3,
            0.6,
        ];
    }

    /** @param callable(float, float): bool $inside */
    #[DataProvider('shapes')]
    public function testOnlyStrokesAndDotsAreLines(callable $inside, ?float $width): void
    {
        $found = StrokeWidths::of(DrawnPlane::of(24, 24, 600, $inside), 600)->finestLineMm();
        $width === null ? self::assertNull($found) : self::assertEqualsWithDelta($width, $found, 0.09);
    }

    public function testTheNotchOfALineThatEndsInAShapeIsNoGap(): void
    {
        // A line left open that runs into a disc from outside: its round end is open behind.
        $plane = DrawnPlane::of(
            24,
            24,
            600,
            static fn (float $x, float $y): bool => hypot(
                $x - 12,
                $y - 12,
            ) < 9 && !($y < 6 && abs($x - 12) < 1.2) && hypot($x - 12, $y - 6) > 1.2,
        );
        self::assertNull(StrokeWidths::of($plane, 600)->finestGapMm());
    }

    public function testAnEmptyAndASolidPlaneHaveNeither(): void
    {
        foreach ([BitPlane::blank(300, 200), DrawnPlane::of(20, 20, 300, static fn (): bool => true)] as $plane) {
            $strokes = StrokeWidths::of($plane, 300);
            self::assertNull($strokes->finestLineMm());
            self::assertNull($strokes->finestGapMm());
        }
    }
}
