<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Exposure;

use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\LightFigure;
use Ektype\Core\Exposure\PredictedTime;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\SinkCheck;
use Ektype\Core\Exposure\SinkSign;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Exposure\TimePart;
use Ektype\Core\Unit\Sign;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the screen at the light says of the time, and that a time outside its interval is never shown as right. */
final class LightFigureTest extends TestCase
{
    public function testBeforeTheBurnTheTimeIsReckonedWithItsInterval(): void
    {
        $figure = LightFigure::of(self::time(), self::setting(), 'trade default', null);
        self::assertSame([20.0, 's', Sign::Reckoned], [$figure->value, $figure->unit, $figure->sign]);
        self::assertSame([10.0, 40.0, 'trade default'], [$figure->low, $figure->high, $figure->source]);
        self::assertSame('light must reach through 92 µm of fabric and stencil', $figure->inputs[0]);
        self::assertSame(['lamp North: 15.0 s, give or take 12 %', 'yellow mesh: × 1.30, give or take 25 %'], \array_slice($figure->inputs, 1));
        self::assertStringContainsString('near 20 s', $figure->wouldChange);
        self::assertStringNotContainsString('Burned', $figure->formula);
    }

    #[DataProvider('burns')]
    public function testABurnIsMeasuredWithinItsIntervalAndRedOutside(float $seconds, Sign $sign): void
    {
        $figure = LightFigure::of(self::time(), self::setting(), '3 step tests of this shop', $seconds);
        self::assertSame([$seconds, $sign], [$figure->value, $figure->sign]);
        self::assertStringStartsWith(\sprintf('Burned for %.1f s; reckoned 20.0 s.', $seconds), $figure->formula);
        self::assertSame($sign === Sign::OutOfBounds, str_contains($figure->wouldChange, 'outside the interval'));
    }

    /** @return iterable<string, array{float, Sign}> */
    public static function burns(): iterable
    {
        yield 'far too short' => [4.0, Sign::OutOfBounds];
        yield 'just too short' => [9.9, Sign::OutOfBounds];
        yield 'at the low end' => [10.0, Sign::Measured];
        yield 'at the high end' => [40.0, Sign::Measured];
        yield 'just too long' => [40.1, Sign::OutOfBounds];
    }

    public function testWithoutLampThereIsNoFigureAndThatIsSaid(): void
    {
        $none = LightFigure::none();
        self::assertNull($none->value);
        self::assertSame('none yet', $none->source);
        self::assertStringContainsString('no lamp or no emulsion', $none->formula);
        $other = LightFigure::onMesh(null, 100, true, 'whatever');
        self::assertNull($other->value);
        self::assertSame('none yet', $other->source);
        $other = LightFigure::onMesh(self::time(), 100, false, '2 step tests of this shop');
        self::assertSame([20.0, 10.0, 40.0], [$other->value, $other->low, $other->high]);
        self::assertSame(['100 µm of fabric and stencil', 'white mesh'], $other->inputs);
    }

    #[DataProvider('sources')]
    public function testTheSourceCountsTestsAndLooks(int $tests, int $looks, string $source): void
    {
        self::assertSame($source, LightFigure::source($tests, $looks));
    }

    /** @return iterable<array{int, int, string}> */
    public static function sources(): iterable
    {
        yield [0, 0, 'trade default'];
        yield [1, 0, '1 step test of this shop'];
        yield [2, 0, '2 step tests of this shop'];
        yield [0, 1, '1 look at the sink of this shop'];
        yield [3, 2, '3 step tests and 2 looks at the sink of this shop'];
    }

    /** Every answer of the sink's check has its sign, and each is told apart from the others. */
    public function testTheSignsOfTheSinkAreTheAnswersOfTheCheck(): void
    {
        $signs = array_map(static fn (SinkSign $s): string => $s->sign, SinkSign::all());
        $asked = array_map(
            static fn (\ReflectionParameter $p): string => $p->getName(),
            (new \ReflectionMethod(SinkCheck::class, '__construct'))->getParameters(),
        );
        self::assertEqualsCanonicalizing($asked, $signs);
        self::assertCount(\count($signs), array_unique(array_map(static fn (SinkSign $s): string => $s->looks, SinkSign::all())));
    }

    /** What is learned from a look: which way the time must go, by every combination of signs. */
    public function testEveryCombinationOfSignsTeachesTheRightSide(): void
    {
        $setting = self::setting();
        for ($bits = 0; $bits < 32; ++$bits) {
            [$scum, $pinholes, $dots, $lines, $blur] = array_map(static fn (int $k): bool => ($bits >> $k & 1) === 1, range(0, 4));
            $check = new SinkCheck($scum, $pinholes, $dots, $lines, $blur);
            $reading = $check->reading($setting, 24.0);
            $short = $scum || $dots;
            if ($blur || ($short && $lines) || ($pinholes && !$short && !$lines)) {
                self::assertNull($reading, 'signs '.$bits.' say nothing about the time');
            } elseif ($short) {
                self::assertSame([24.0, null, null], [$reading?->lowS, $reading?->bestS, $reading?->highS], 'too short: the time is longer');
            } elseif ($lines) {
                self::assertSame([null, null, 24.0], [$reading?->lowS, $reading?->bestS, $reading?->highS], 'too long: it is shorter');
            } else {
                self::assertEqualsWithDelta([24 / 1.3, 24 * 1.3], [$reading?->lowS, $reading?->highS], 1e-9);
            }
            self::assertSame(!$scum && !$dots && !$lines && !$blur, $check->canPrint, 'signs '.$bits);
        }
        self::assertNull((new SinkCheck())->reading($setting, 0.0), 'no burn, no lesson');
    }

    /** One-sided readings never pull the time the wrong way, whatever it was before. */
    public function testABoundNeverPullsTheWrongWay(): void
    {
        $setting = self::setting();
        foreach ([3.0, 8.0, 20.0, 60.0, 200.0] as $bound) {
            $before = (new ExposureModel([], [$setting]))->predict($setting)->seconds;
            $longer = (new ExposureModel([new TestReading($setting, $bound, null, null)], [$setting]))->predict($setting)->seconds;
            $shorter = (new ExposureModel([new TestReading($setting, null, null, $bound)], [$setting]))->predict($setting)->seconds;
            self::assertGreaterThanOrEqual($before - 1e-9, $longer, "at least $bound s");
            self::assertLessThanOrEqual($before + 1e-9, $shorter, "at most $bound s");
        }
    }

    private static function time(): PredictedTime
    {
        return new PredictedTime(
            20.0,
            10.0,
            40.0,
            [],
            [new TimePart('lamp North', 15.0, 12.0, true), new TimePart('yellow mesh', 1.3, 25.0, false)],
        );
    }

    private static function setting(): Setting
    {
        return new Setting('North', LampKind::Led, 'Dual 5', EmulsionKind::DualCure, 92.0, true, film: '', distanceMm: 800.0, lampHours: 0.0);
    }
}
