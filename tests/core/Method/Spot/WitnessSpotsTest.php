<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Spot;

use Ektype\Core\Method\Spot\WitnessSpots;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Separation\WitnessSpot;
use Ektype\Tests\Core\Separation\DrawnPlane;
use PHPUnit\Framework\TestCase;

/** Places that are looked at on every strike-off: where the most plates meet, not beside each other. */
final class WitnessSpotsTest extends TestCase
{
    private const DPI = 254.0;

    public function testTheSpotWhereMostPlatesMeetComesFirst(): void
    {
        // Three quarters meet at (20, 15); two more pairs touch elsewhere.
        $spots = self::spots([
            static fn (float $x, float $y): bool => $x < 20 && $y < 15 && $x > 12 && $y > 7,
            static fn (float $x, float $y): bool => $x >= 20 && $y < 15 && $x < 28 && $y > 7,
            static fn (float $x, float $y): bool => $y >= 15 && $y < 23 && $x > 12 && $x < 28,
        ]);
        self::assertNotSame([], $spots);
        self::assertSame(3, $spots[0]->plates);
        self::assertEqualsWithDelta([20.0, 15.0], [$spots[0]->xMm, $spots[0]->yMm], 5.1, 'within its square');
    }

    public function testTwoPlatesGiveSpotsAlongTheirEdgeThatLieApart(): void
    {
        $spots = self::spots([
            static fn (float $x, float $y): bool => $x < 20 && $x > 2 && $y > 2 && $y < 28,
            static fn (float $x, float $y): bool => $x >= 20 && $x < 38 && $y > 2 && $y < 28,
        ]);
        self::assertGreaterThanOrEqual(2, \count($spots));
        foreach ($spots as $i => $one) {
            self::assertSame(2, $one->plates);
            self::assertEqualsWithDelta(20.0, $one->xMm, 5.1);
            foreach (\array_slice($spots, $i + 1) as $other) {
                self::assertGreaterThanOrEqual(0.3 * hypot(40, 30) - 0.1, hypot($one->xMm - $other->xMm, $one->yMm - $other->yMm));
            }
        }
    }

    public function testPlatesThatNeverMeetHaveNoWitness(): void
    {
        self::assertSame([], self::spots([
            static fn (float $x, float $y): bool => $x < 8 && $y < 8,
            static fn (float $x, float $y): bool => $x > 30 && $y > 22,
        ]));
        self::assertSame([], self::spots([static fn (float $x, float $y): bool => $x < 20]), 'nor has a single plate');
        self::assertSame([], WitnessSpots::of([], self::DPI));
    }

    /**
     * @param list<callable(float, float): bool> $plates
     *
     * @return list<WitnessSpot>
     */
    private static function spots(array $plates): array
    {
        return WitnessSpots::of(
            array_map(static fn (callable $inside): CoverageMap => CoverageMap::of(DrawnPlane::of(40, 30, self::DPI, $inside)), $plates),
            self::DPI,
        );
    }
}
