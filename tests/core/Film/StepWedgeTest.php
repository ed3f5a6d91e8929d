<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Film;

use Ektype\Core\Film\FilmFormat;
use Ektype\Core\Film\StepWedge;
use PHPUnit\Framework\TestCase;

/** The strip beside the print is what an exposure is read from: its lines are as wide as their names. */
final class StepWedgeTest extends TestCase
{
    public function testEveryWidthStandsTwiceInInkAndOnceOpen(): void
    {
        $blacks = StepWedge::blacks();
        foreach (StepWedge::WIDTHS_MM as $i => $width) {
            self::assertEqualsWithDelta([0.1, 0.15, 0.2, 0.3, 0.5][$i], $blacks[2 * $i][2], 1e-9, 'the widths that the trade reads');
            [$one, $two] = [$blacks[2 * $i], $blacks[2 * $i + 1]];
            self::assertEqualsWithDelta([$width, $width], [$one[2], $two[2]], 1e-9);
            // Lines closer than 0.3 mm would fill each other in: then the gap fails before the line does.
            self::assertEqualsWithDelta(max(0.3, $width), $two[0] - $one[0] - $one[2], 1e-9);
        }
        $bar = \array_slice($blacks, 2 * \count(StepWedge::WIDTHS_MM), -1);
        self::assertCount(\count(StepWedge::WIDTHS_MM) + 1, $bar);
        foreach (StepWedge::WIDTHS_MM as $i => $width) {
            self::assertEqualsWithDelta($width, $bar[$i + 1][0] - $bar[$i][0] - $bar[$i][2], 1e-9, "the open line of $width mm");
        }
    }

    public function testItsPartsStandApartAndWithinItsSize(): void
    {
        $blacks = StepWedge::blacks();
        foreach ($blacks as $i => [$x, $y, $width, $height]) {
            self::assertGreaterThan(0, $width);
            self::assertGreaterThanOrEqual(0, $x);
            self::assertLessThanOrEqual(StepWedge::WIDTH_MM + 1e-9, $x + $width);
            self::assertSame([0.0, StepWedge::HEIGHT_MM], [$y, $height]);
            foreach (\array_slice($blacks, $i + 1) as $other) {
                self::assertTrue($x + $width <= $other[0] + 1e-9 || $other[0] + $other[2] <= $x + 1e-9, 'two of its parts overlap');
            }
        }
        self::assertEqualsWithDelta(5.0, $blacks[\count($blacks) - 1][2], 1e-9, 'a patch for the densitometer');
    }

    public function testADrawnFilmIsReadBackAndAVectorOneIsNot(): void
    {
        $read = array_filter(FilmFormat::cases(), static fn (FilmFormat $format): bool => $format->isReadBack());
        self::assertSame(['pdf', 'png', 'tiff'], array_column($read, 'value'));
    }
}
