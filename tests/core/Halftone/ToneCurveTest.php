<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Halftone;

use Ektype\Core\Halftone\ImpossibleDots;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Raster\ToneRaster;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ToneCurveTest extends TestCase
{
    public function testBetweenItsPointsItRunsStraight(): void
    {
        $curve = new ToneCurve([[50.0, 34.0], [20.0, 14.0]]);
        foreach ([[0.0, 0.0], [0.1, 0.07], [0.2, 0.14], [0.35, 0.24], [0.5, 0.34], [0.75, 0.67], [1.0, 1.0]] as [$wished, $film]) {
            self::assertEqualsWithDelta($film, $curve->film($wished), 1e-9);
        }
        $tones = $curve->on(new ToneRaster(3, 1, "\0\x80\xff"));
        self::assertSame([0, 87, 255], array_map(\ord(...), str_split($tones->tones)));
    }

    public function testAnEndThatIsGivenStands(): void
    {
        self::assertEqualsWithDelta(0.9, (new ToneCurve([[100.0, 90.0]]))->film(1.0), 1e-9);
        self::assertEqualsWithDelta(0.05, (new ToneCurve([[0.0, 5.0]]))->film(0.0), 1e-9);
    }

    /** @return iterable<string, array{list<array{float, float}>, string}> */
    public static function noCurves(): iterable
    {
        yield 'falls' => [[[30.0, 40.0], [60.0, 35.0]], 'falls from 40'];
        yield 'beyond' => [[[30.0, 140.0]], '0 to 100'];
        yield 'twice' => [[[30.0, 20.0], [30.0, 25.0]], 'Keep one'];
    }

    /** @param list<array{float, float}> $points */
    #[DataProvider('noCurves')]
    public function testWhatIsNoCurveIsRefused(array $points, string $words): void
    {
        $this->expectException(ImpossibleDots::class);
        $this->expectExceptionMessage($words);
        new ToneCurve($points);
    }
}
