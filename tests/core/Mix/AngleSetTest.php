<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Mix;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Mesh\PlateBeats;
use Ektype\Core\Method\Simulated\SimulatedRequest;
use Ektype\Core\Mix\MixPlates;
use Ektype\Core\Mix\PlateAngles;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonePlate;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** At which angles many plates stand: judged by their films, laid over each other pixel by pixel as a press lays them. */
final class AngleSetTest extends TestCase
{
    private const INKS = ['Yellow' => '#f2cf1c', 'Orange' => '#e8641c', 'Red' => '#cc2229', 'Sky' => '#6db3e4', 'Royal' => '#23489c', 'Green' => '#1f8a44', 'Grey' => '#8c8e8f'];
    private const HIDING = 0.92;
    private const WISHED = ['#b0785a', '#8a9a50', '#708090', '#d8b070', '#905040', '#6090c0', '#405070', '#c8c0b0', '#a06078'];
    /** Sides of a colour, film pixels: 17 cells and some. */
    private const SIDE = 228;
    private const DPI = 600.0;

    /** What one angle prints walks with the register of the press; several print the colour that was asked for. */
    #[Group('long')]
    #[TestWith(['#111111'])]
    #[TestWith(['#ffffff'])]
    public function testSeveralAnglesPrintNearerThanOneWhereverThePressLaysThePlates(string $cloth): void
    {
        $off = [];
        foreach (PlateAngles::cases() as $angles) {
            $plates = self::plates($cloth, $angles);
            $all = [];
            foreach ([0, 1, 2] as $pull) {
                $all = [...$all, ...self::printed($plates, $cloth, $pull)];
            }
            $off[$angles->name] = array_sum($all) / \count($all);
        }
        self::assertLessThan(0.8 * $off[PlateAngles::One->name], $off[PlateAngles::Several->name]);
        self::assertLessThan(1.5, $off[PlateAngles::Several->name]);
    }

    public function testTheBaseSharesItsAngleWithNoneAndNoTwoAnglesMakeAFault(): void
    {
        $inks = self::inks();
        $mesh = new Mesh(90.0, 48.0);
        $mix = (new SimulatedRequest(40.0, Srgb::fromHex('#111111'), $inks, new GivenInk('White', Srgb::fromHex('#f6f4ee'), self::HIDING), null, self::DPI, dots: new PlannedDots(new Halftone(40.6, 7.0)), mesh: $mesh))->mix();
        $angles = array_map(static fn (array $plate): float => $plate[2]->angleDeg, $mix->plates);
        self::assertSame(7.0, $angles[0] === 7.0 ? 7.0 : min($angles), 'the angle of the plan is one of them');
        self::assertNotContains($angles[0], \array_slice($angles, 1));
        self::assertGreaterThan(2, \count(array_unique($angles)));
        $moire = new Moire($mesh);
        foreach ($angles as $i => $one) {
            self::assertLessThan(Moire::STRONG, $moire->score(40.6, $one), 'calm on its mesh');
            foreach (\array_slice($angles, $i + 1) as $two) {
                if ($one !== $two) {
                    // Two rulings a little turned make a pattern of this period: 3 mm and more are a fault, 2 mm are texture.
                    $turned = abs($one - $two);
                    self::assertLessThan(2.9, 1 / (2 * 40.6 / 25.4 * sin(deg2rad(min($turned, 90 - $turned)) / 2)), "$one and $two");
                }
            }
        }
    }

    /** A press that scatters nothing has no need of several: plates that are set off print as the model takes them. */
    public function testFewPlatesOfAnExactPressStayAtOneAngle(): void
    {
        $request = static fn (?float $scatterMm): array => array_unique(array_map(static fn (array $plate): float => $plate[2]->angleDeg, (new SimulatedRequest(40.0, Srgb::fromHex('#ffffff'), \array_slice(self::inks(), 0, 3), null, null, self::DPI, dots: new PlannedDots(new Halftone(45.0)), scatterMm: $scatterMm))->mix()->plates));
        self::assertCount(1, $request(0.0));
        self::assertGreaterThan(1, \count($request(0.1)));
    }

    public function testOneAngleStaysASchoolWithTheBaseApart(): void
    {
        $mesh = new Mesh(90.0, 48.0);
        $dots = new Halftone(45.0, 22.5);
        $mix = (new SimulatedRequest(40.0, Srgb::fromHex('#111111'), self::inks(), new GivenInk('White', Srgb::fromHex('#f6f4ee'), self::HIDING), null, self::DPI, dots: new PlannedDots($dots), mesh: $mesh, angles: PlateAngles::One))->mix();
        self::assertEquals(PlateBeats::apart($dots, $mesh), $mix->plates[0][2]);
        self::assertSame([22.5], array_values(array_unique(array_map(static fn (array $plate): float => $plate[2]->angleDeg, \array_slice($mix->plates, 1)))));
    }

    /** @return non-empty-list<TonePlate> */
    private static function plates(string $cloth, PlateAngles $angles): array
    {
        $rgb = '';
        foreach (array_chunk(self::WISHED, 3) as $row) {
            $line = implode('', array_map(static fn (Srgb $c): string => str_repeat(\chr($c->red).\chr($c->green).\chr($c->blue), self::SIDE / 2), array_map(Srgb::fromHex(...), $row)));
            $rgb .= str_repeat($line, self::SIDE / 2);
        }
        $side = 3 * self::SIDE / 2;
        $base = $cloth === '#ffffff' ? null : new GivenInk('White', Srgb::fromHex('#f6f4ee'), self::HIDING);

        return MixPlates::of(new ArtRaster($side, $side, $rgb, false), (new SimulatedRequest(3 * self::SIDE / self::DPI * 25.4, Srgb::fromHex($cloth), self::inks(), $base, null, self::DPI, dots: new PlannedDots(new Halftone(44.1, 28.5)), angles: $angles))->mix());
    }

    /**
     * Films over each other, each a little off as the press lays it, seen from so far that dots are one colour.
     *
     * @param non-empty-list<TonePlate> $plates
     *
     * @return list<float> ΔE00 of each colour
     */
    private static function printed(array $plates, string $cloth, int $pull): array
    {
        $root = static fn (Srgb $c): array => array_map(static fn (float $light): float => $light ** (1 / 1.7), $c->linear());
        // What each set of inks on top of each other looks like, solid.
        $stacks = [];
        for ($set = 0; $set < 1 << \count($plates); ++$set) {
            $colour = $root(Srgb::fromHex($cloth));
            foreach ($plates as $i => $plate) {
                if (($set >> $i & 1) === 1) {
                    $colour = array_map(static fn (float $under, float $ink): float => $under + $plate->ink->hiding * ($ink - $under), $colour, $root($plate->ink->colour));
                }
            }
            $stacks[] = $colour;
        }
        $off = [];
        $reach = 6;
        foreach (self::WISHED as $n => $hex) {
            [$left, $top] = [$n % 3 * self::SIDE, intdiv($n, 3) * self::SIDE];
            $sets = array_fill(0, (self::SIDE - 4 * $reach) ** 2, 0);
            foreach ($plates as $i => $plate) {
                // 0.07 mm are about 1.7 pixels: some laid left, some right, in no order.
                $dx = [0, 2, -2, 3, -1, 1, -3, 2][($i * 3 + $pull * 5) % 8];
                $dy = [1, -2, 0, 2, -3, 2, -1, 1][($i * 5 + $pull * 3) % 8];
                $at = 0;
                for ($y = $top + 2 * $reach; $y < $top + self::SIDE - 2 * $reach; ++$y) {
                    $row = $plate->plane->row($y + $dy);
                    for ($x = $left + 2 * $reach + $dx, $to = $left + self::SIDE - 2 * $reach + $dx; $x < $to; ++$x, ++$at) {
                        $sets[$at] |= (\ord($row[$x >> 3]) >> (7 - ($x & 7)) & 1) << $i;
                    }
                }
            }
            $sum = [0.0, 0.0, 0.0];
            foreach (array_count_values($sets) as $set => $many) {
                foreach ($stacks[$set] as $c => $light) {
                    $sum[$c] += $many * $light / \count($sets);
                }
            }
            $off[] = Ciede2000::between(Lab::of(Srgb::fromHex($hex)), Lab::of(Srgb::fromLinear([$sum[0] ** 1.7, $sum[1] ** 1.7, $sum[2] ** 1.7])));
        }

        return $off;
    }

    /** @return list<GivenInk> */
    private static function inks(): array
    {
        return array_map(static fn (string $name, string $hex): GivenInk => new GivenInk($name, Srgb::fromHex($hex), self::HIDING), array_keys(self::INKS), array_values(self::INKS));
    }
}
