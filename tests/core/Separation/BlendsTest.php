<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\SpotRequest;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Separation\Blends;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What runs from one colour into another is told with its area; what is flat is not taken for it. */
final class BlendsTest extends TestCase
{
    /** @param callable(int, int): array{int, int, int} $at */
    #[DataProvider('pictures')]
    public function testTheShareOfBlendsIsThatOfThePicture(callable $at, float $share, float $within): void
    {
        foreach (['png', 'jpeg'] as $kind) {
            self::assertEqualsWithDelta($share, Blends::share(self::drawn($at, $kind === 'jpeg')), $within, $kind);
        }
    }

    /** @return iterable<string, array{callable(int, int): array{int, int, int}, float, float}> */
    public static function pictures(): iterable
    {
        $flat = static fn (int $x, int $y): array => match (true) {
            hypot($x - 120, $y - 120) < 80 => [240, 226, 176],
            $x > 260 && $y > 60 && $y < 240 => [184, 74, 48],
            default => [27, 36, 54],
        };
        yield 'flat parts' => [$flat, 0.0, 0.004];
        yield 'a checked pattern' => [static fn (int $x, int $y): array => (intdiv($x, 12) + intdiv($y, 12)) % 2 === 0 ? [240, 226, 176] : [184, 74, 48], 0.0, 0.004];
        yield 'thin lines' => [static fn (int $x, int $y): array => $x % 9 < 3 ? [20, 20, 20] : [240, 226, 176], 0.0, 0.004];
        yield 'a quarter of it a blend' => [
            static fn (int $x, int $y): array => $x >= 200 && $y >= 150 ? [40 + (int) (($x - 200) * 0.9), 60, 120 - (int) (($x - 200) * 0.4)] : $flat(min($x, 199), min($y, 149)),
            0.25,
            0.05,
        ];
        yield 'all of it, top to bottom' => [static fn (int $x, int $y): array => [30 + (int) ($y * 0.6), 80, 200 - (int) ($y * 0.5)], 1.0, 0.1];
        yield 'a soft shadow round a disc' => [
            static function (int $x, int $y): array {
                $r = hypot($x - 200, $y - 150);
                $dark = $r < 60 ? 1.0 : ($r > 120 ? 0.0 : (120 - $r) / 60);

                return [(int) (250 - 200 * $dark), (int) (248 - 200 * $dark), (int) (240 - 195 * $dark)];
            },
            // The ring from 60 to 120 pixels: π (120² − 60²) of 400 × 300.
            \M_PI * (120 ** 2 - 60 ** 2) / 120_000,
            0.12,
        ];
    }

    /** Nine hard bands are never made in silence: the warning names the share and the area. */
    #[Group('long')]
    public function testASeparationTellsTheBlendsThatItCuts(): void
    {
        $ramp = static fn (int $x, int $y): array => $y < 150 ? [27, 36, 54] : [60 + intdiv($x, 50) * 20, 60, 90];
        $smooth = static fn (int $x, int $y): array => $y < 150 ? [27, 36, 54] : [60 + (int) ($x * 0.4), 60, 90];
        $told = static fn (callable $at): string => implode(' ', SpotSeparation::of(self::drawn($at, false), new SpotRequest(80, Srgb::fromHex('#ffffff'), new SpotPlan(inks: 4)))->warnings);
        self::assertStringContainsString('runs from one colour into another', $told($smooth));
        // Half of 80 × 60 mm.
        self::assertSame(1, preg_match('/About (\d+) % of the picture, (\d+) cm²/', $told($smooth), $found));
        self::assertEqualsWithDelta([50, 24], [(int) $found[1], (int) $found[2]], 10);
        self::assertStringNotContainsString('runs from one', $told($ramp), 'steps that were drawn are no blend');
    }

    public function testGrainIsNoBlend(): void
    {
        $random = new Randomizer(new Mt19937(6));
        $noisy = self::drawn(static fn (int $x, int $y): array => [
            max(0, min(255, 120 + $random->getInt(-14, 14))),
            max(0, min(255, 90 + $random->getInt(-14, 14))),
            max(0, min(255, 60 + $random->getInt(-14, 14))),
        ], false);
        self::assertLessThan(0.02, Blends::share($noisy));
    }

    /** @param callable(int, int): array{int, int, int} $at */
    private static function drawn(callable $at, bool $compressed): ArtRaster
    {
        $rgb = '';
        for ($y = 0; $y < 300; ++$y) {
            for ($x = 0; $x < 400; ++$x) {
                [$r, $g, $b] = $at($x, $y);
                $rgb .= \chr($r & 255).\chr($g & 255).\chr($b & 255);
            }
        }
        if (!$compressed) {
            return new ArtRaster(400, 300, $rgb, false);
        }
        $picture = new \Imagick();
        $picture->readImageBlob("P6\n400 300\n255\n".$rgb);
        $picture->setImageFormat('jpeg');
        $picture->setImageCompressionQuality(75);
        $back = new \Imagick();
        $back->readImageBlob($picture->getImageBlob());
        $back->setImageDepth(8);
        $back->setImageFormat('RGB');

        return new ArtRaster(400, 300, $back->getImageBlob(), false, true);
    }
}
