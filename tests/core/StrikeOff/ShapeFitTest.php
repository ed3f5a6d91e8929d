<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StrikeOff;

use Ektype\Core\StrikeOff\FoundCross;
use Ektype\Core\StrikeOff\ScanPlace;
use Ektype\Core\StrikeOff\ShapeFit;
use Ektype\Core\StrikeOff\TargetShape;
use Ektype\Core\StrikeOff\TargetWindow;
use Ektype\Core\Unit\Point;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** One target on a drawn scan: where its ring and its cross truly are is where they were drawn. */
final class ShapeFitTest extends TestCase
{
    private const NAVY = [28, 35, 64];
    private const WHITE = [244, 242, 234];
    private const SAGE = [143, 179, 160];
    private const MIDDLE = 4.0;

    public function testARingIsFoundBetweenThePixels(): void
    {
        foreach ([[0.0, 0.0, 0.0], [0.013, -0.027, 0.04], [-0.21, 0.34, 0.08]] as [$x, $y, $spread]) {
            foreach ([300.0, 600.0] as $ppi) {
                $window = self::window(self::drawn($ppi)->ring(self::MIDDLE + $x, self::MIDDLE - $y, self::WHITE, $spread), $ppi);
                $fit = ShapeFit::of($window, $window->along(self::way(self::WHITE)), TargetShape::Ring, new Point(0.0, 0.0));
                self::assertNotNull($fit);
                self::assertEqualsWithDelta($x, $fit->at->xMm, 0.006, "at $ppi ppi");
                self::assertEqualsWithDelta($y, $fit->at->yMm, 0.006, "at $ppi ppi");
                self::assertGreaterThan(0.8, $fit->likeness);
            }
        }
    }

    public function testACrossIsFoundWhereItIsWhateverItsSpread(): void
    {
        mt_srand(2);
        foreach ([[0.0, 0.0, 0.0], [0.37, -0.22, 0.05], [-0.62, 0.48, 0.08], [0.9, 0.0, 0.03]] as [$x, $y, $spread]) {
            $window = self::window(self::drawn(300.0, 10)->ring(self::MIDDLE, self::MIDDLE, self::WHITE)->cross(self::MIDDLE + $x, self::MIDDLE - $y, self::SAGE, $spread), 300.0);
            $found = FoundCross::in($window, new Point(0.0, 0.0));
            self::assertNotNull($found);
            self::assertEqualsWithDelta(0.0, $found->at->to(new Point($x, $y)), 0.15, 'to a cell or so');
            $fit = ShapeFit::of($window, $window->along($found->way), TargetShape::Cross, $found->at, FoundCross::ringHides($window, new Point(0.0, 0.0)));
            self::assertNotNull($fit);
            self::assertEqualsWithDelta($x, $fit->at->xMm, 0.02);
            self::assertEqualsWithDelta($y, $fit->at->yMm, 0.02);
        }
    }

    /** The error that it tells is the error that it makes, over many grains. */
    #[Group('long')]
    public function testItKnowsHowSureItIs(): void
    {
        mt_srand(5);
        $off = $told = [];
        for ($i = 0; $i < 24; ++$i) {
            $window = self::window(self::drawn(300.0, 45)->ring(self::MIDDLE, self::MIDDLE, self::WHITE), 300.0);
            $fit = ShapeFit::of($window, $window->along(self::way(self::WHITE)), TargetShape::Ring, new Point(0.05, -0.05));
            self::assertNotNull($fit);
            $off[] = $fit->at->xMm ** 2 + $fit->at->yMm ** 2;
            $told[] = 2 * $fit->errorMm ** 2;
        }
        self::assertLessThan(array_sum($told), array_sum($off), 'never surer than it is');
        self::assertGreaterThan(0.02 * array_sum($told), array_sum($off), 'nor far too timid');
    }

    public function testInkOverTheRingDoesNotMoveIt(): void
    {
        $window = self::window(self::drawn(600.0)->ring(self::MIDDLE, self::MIDDLE, self::WHITE)->cross(self::MIDDLE + 1.3, self::MIDDLE + 0.4, self::SAGE), 600.0);
        $fit = ShapeFit::of($window, $window->along(self::way(self::WHITE)), TargetShape::Ring, new Point(0.0, 0.0));
        self::assertNotNull($fit);
        self::assertLessThan(0.01, $fit->at->length());
    }

    public function testAnEmptyRingHoldsNoCross(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 6; ++$i) {
            $window = self::window(self::drawn(300.0, 30)->ring(self::MIDDLE, self::MIDDLE, self::WHITE), 300.0);
            $found = FoundCross::in($window, new Point(0.0, 0.0));
            self::assertTrue($found === null || $found->strength < max(5.0, 1.1 * $found->noise), \sprintf('grain is no cross: %.1f over %.1f', $found->strength ?? 0, $found->noise ?? 0));
        }
        // Half a cross, a blot and a bar are none either.
        foreach ([
            static fn (float $x, float $y): bool => hypot($x - self::MIDDLE, $y - self::MIDDLE) < 0.6,
            static fn (float $x, float $y): bool => abs($y - self::MIDDLE) < 0.15 && abs($x - self::MIDDLE) < 1.1,
        ] as $shape) {
            $window = self::window(self::drawn(300.0, 8)->ring(self::MIDDLE, self::MIDDLE, self::WHITE)->print($shape, self::SAGE), 300.0);
            $found = FoundCross::in($window, new Point(0.0, 0.0));
            $fit = $found === null ? null : ShapeFit::of($window, $window->along($found->way), TargetShape::Cross, $found->at, FoundCross::ringHides($window, new Point(0.0, 0.0)));
            self::assertLessThan(0.5, $fit->likeness ?? 0.0);
        }
    }

    public function testACrossInTheInkOfTheKeyIsReadToo(): void
    {
        $window = self::window(self::drawn(600.0, 6)->ring(self::MIDDLE, self::MIDDLE, self::WHITE)->cross(self::MIDDLE - 0.3, self::MIDDLE + 0.2, [235, 234, 228]), 600.0);
        $found = FoundCross::in($window, new Point(0.0, 0.0));
        self::assertNotNull($found);
        $fit = ShapeFit::of($window, $window->along($found->way), TargetShape::Cross, $found->at, FoundCross::ringHides($window, new Point(0.0, 0.0)));
        self::assertNotNull($fit);
        self::assertEqualsWithDelta(-0.3, $fit->at->xMm, 0.01);
        self::assertEqualsWithDelta(-0.2, $fit->at->yMm, 0.01);
    }

    private static function drawn(float $ppi, int $grain = 0): DrawnScan
    {
        $side = (int) ceil(2 * self::MIDDLE / 25.4 * $ppi);

        return new DrawnScan($side, $side, $ppi, self::NAVY, $grain);
    }

    /** The print’s own axes lie on the scan’s, up is up. */
    private static function window(DrawnScan $drawn, float $ppi): TargetWindow
    {
        $perMm = $ppi / 25.4;
        $from = [new Point(0, 0), new Point(1, 0), new Point(0, 1)];
        $place = ScanPlace::of($from, array_map(static fn (Point $p): Point => new Point(($p->xMm + self::MIDDLE) * $perMm, (self::MIDDLE - $p->yMm) * $perMm), $from));
        self::assertNotNull($place);

        return new TargetWindow($drawn->scan(), $place, new Point(0.0, 0.0));
    }

    /**
     * @param array{int, int, int} $ink
     *
     * @return array{float, float, float}
     */
    private static function way(array $ink): array
    {
        $way = [$ink[0] - self::NAVY[0], $ink[1] - self::NAVY[1], $ink[2] - self::NAVY[2]];
        $long = sqrt($way[0] ** 2 + $way[1] ** 2 + $way[2] ** 2);

        return [$way[0] / $long, $way[1] / $long, $way[2] / $long];
    }
}
