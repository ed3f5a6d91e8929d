<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

/** A photograph with a badge beside it in one file, as people bring it: dropped, looked at, changed, put on film. */
final class MixedArtTest extends ShopTestCase
{
    protected const BENCHES = ['art/bench', 'plates'];

    public function testABadgeBesideAPhotographPrintsSolidUntilSomebodyWantsItInDots(): void
    {
        $id = $this->bring(self::picture(), ['garmentHex' => '#111111', 'widthMm' => '60', 'name' => 'Badge'])['id'];
        $this->work();
        $job = $this->ask('GET', "/api/jobs/$id");
        self::assertTrue($job['separated'], 'it is no refusal');
        $bench = $this->ask('GET', "/api/jobs/$id/art/bench");
        self::assertSame('simulated', $bench['method']);
        self::assertNull($bench['plan']['flats']);
        self::assertCount(1, $bench['flats']);
        [$badge] = $bench['flats'];
        self::assertTrue($badge['solid']);
        self::assertEqualsWithDelta(100 / 9, $badge['sharePct'], 1.5, 'a third each way, but for its rim');
        self::assertContains($badge['ink'], array_column($job['plates'], 'inkName'));
        $solid = $this->coverage($id, $badge['ink']);

        $this->ask('PATCH', "/api/jobs/$id/plan", ['flats' => []]);
        self::assertFalse($this->ask('GET', "/api/jobs/$id")['separationCurrent'], 'the plates are those of before');
        $this->work();
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        $bench = $this->ask('GET', "/api/jobs/$id/art/bench");
        self::assertSame([[], false], [$bench['plan']['flats'], $bench['flats'][0]['solid']]);
        self::assertNotEqualsWithDelta($solid, $this->coverage($id, $badge['ink']), 0.05, 'dots of it cover otherwise');

        $refused = $this->ask('PATCH', "/api/jobs/$id/plan", ['flats' => ['signal']], 422);
        self::assertStringContainsString('“signal” is no colour of the art', (string) json_encode($refused, \JSON_UNESCAPED_UNICODE));
        self::assertSame([], $this->ask('GET', "/api/jobs/$id/art/bench")['plan']['flats'], 'nothing was kept of it');
    }

    private function coverage(int $id, string $ink): float
    {
        return (float) array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'coveragePct', 'inkName')[$ink];
    }

    /** A sky over a hill with grain, in colour, and a red badge in the middle third: made up. */
    private static function picture(): string
    {
        mt_srand(5);
        $picture = imagecreatetruecolor(360, 360);
        for ($y = 0; $y < 360; ++$y) {
            for ($x = 0; $x < 360; ++$x) {
                $hill = 210 + 40 * sin($x / 70);
                $light = $y < $hill ? 1 - 0.0016 * $y : 0.3 + 0.002 * ($y - $hill) + 0.2 * exp(-(($x - 250) ** 2 + ($y - 300) ** 2) / 3000);
                $light += mt_rand(-20, 20) / 1500;
                $colour = $y < $hill ? [120 * $light, 170 * $light, 235 * $light] : [160 * $light, 200 * $light, 90 * $light];
                [$r, $g, $b] = $x >= 120 && $x < 240 && $y >= 120 && $y < 240 ? [220, 62, 52] : array_map(static fn (float $code): int => (int) max(0, min(255, $code)), $colour);
                imagesetpixel($picture, $x, $y, $r << 16 | $g << 8 | $b);
            }
        }
        ob_start();
        imagepng($picture);

        return (string) ob_get_clean();
    }
}
