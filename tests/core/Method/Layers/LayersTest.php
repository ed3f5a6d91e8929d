<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Layers;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Layers\LayerChain;
use Ektype\Core\Method\Layers\LayerEdge;
use Ektype\Core\Method\Layers\LayerPlates;
use Ektype\Core\Method\Layers\LayerTable;
use Ektype\Core\Method\Layers\LayerTints;
use Ektype\Core\Method\Layers\TintRecipe;
use Ektype\Core\Mix\FourInks;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\PictureColours;
use Ektype\Core\Tone\ToneWork;
use PHPUnit\Framework\TestCase;

/** Transparent layers of which it is known what they were printed with. */
final class LayersTest extends TestCase
{
    private const PAPER = '#f4efe2';

    public function testEachLayerMultipliesWhatLiesBelow(): void
    {
        $chain = new LayerChain(Srgb::fromHex(self::PAPER), self::tints());
        self::assertCount(8, $chain->colours);
        self::assertSame(self::PAPER, $chain->colours[0]->hex());
        foreach ([0, 1, 2] as $c) {
            $both = Srgb::fromHex(self::PAPER)->linear()[$c] * self::tints()[0]->linear()[$c] * self::tints()[2]->linear()[$c];
            self::assertEqualsWithDelta($both, $chain->colours[0b101]->linear()[$c], 0.004);
        }
    }

    /** A picture printed from three known tints: tints that print all of its colours again, the greys first. */
    public function testTintsOfAKnownPrintAreFound(): void
    {
        $chain = new LayerChain(Srgb::fromHex(self::PAPER), self::tints());
        $picture = PictureColours::of(self::art($chain->colours));
        $found = new LayerChain($chain->paper, LayerTints::proposed($picture, $chain->paper, 3));
        self::assertLessThan(3.0, LayerTints::off($picture, $found), 'ΔE76 in the mean');
        $chroma = array_map(static fn (Srgb $t): float => hypot(Lab::of($t)->a, Lab::of($t)->b), $found->tints);
        self::assertSame(min([\INF, ...$chroma]), $chroma[0], 'the grey prints first');
        foreach ([2, 3, 4, 5] as $many) {
            self::assertCount($many, LayerTints::proposed($picture, $chain->paper, $many));
        }
        self::assertLessThan(
            LayerTints::off($picture, new LayerChain($chain->paper, LayerTints::proposed($picture, $chain->paper, 1))),
            LayerTints::off($picture, $found),
        );
    }

    public function testLayersOfAKnownPrintPrintWhereTheyDid(): void
    {
        $chain = new LayerChain(Srgb::fromHex(self::PAPER), self::tints());
        $art = self::art($chain->colours, 40);
        $films = LayerPlates::of($art, $chain, LayerEdge::Clean, 27.0, 600.0, new ToneWork());
        self::assertCount(3, $films);
        [$wide, $high] = [$films[0]->width, $films[0]->height];
        foreach ($films as $i => $film) {
            foreach (array_keys($chain->colours) as $set) {
                // The middle of each band.
                $y = (int) (($set + 0.5) / 8 * $high);
                self::assertSame(($set >> $i & 1) === 1, $film->isSet(intdiv($wide, 2), $y), "layer $i, colours $set");
            }
        }
    }

    /** Where a tone lies between two colours, grain prints its part of them. */
    public function testASoftEdgeRunsOutByItsTone(): void
    {
        $chain = new LayerChain(Srgb::fromHex('#ffffff'), [Srgb::fromHex('#808080')]);
        $ramp = '';
        for ($y = 0; $y < 200; ++$y) {
            for ($x = 0; $x < 256; ++$x) {
                $ramp .= str_repeat(\chr(255 - intdiv($x, 2)), 3);
            }
        }
        $art = new ArtRaster(256, 200, $ramp, false);
        $share = static function (LayerEdge $edge, int $from, int $to) use ($art, $chain): float {
            $mask = LayerPlates::masks($art, $chain, $edge, 256, 200, 60.0, work: new ToneWork())[0];
            $set = 0;
            for ($y = 0; $y < 200; ++$y) {
                $set += substr_count(substr($mask->tones, $y * 256 + $from, $to - $from), "\xff");
            }

            return $set / (200 * ($to - $from));
        };
        self::assertEqualsWithDelta(0.0, $share(LayerEdge::Soft, 0, 16), 0.1);
        self::assertEqualsWithDelta(1.0, $share(LayerEdge::Soft, 240, 256), 0.1);
        $quarter = $share(LayerEdge::Soft, 56, 72);
        self::assertGreaterThan(0.1, $quarter);
        self::assertLessThan(0.45, $quarter);
        self::assertSame(0.0, $share(LayerEdge::Clean, 56, 72));
        self::assertEqualsWithDelta($quarter, $share(LayerEdge::Grain, 56, 72), 0.12);
    }

    /** A tint mixed of known parts is told by these parts. */
    public function testATintIsToldByPartsOfInkAndBase(): void
    {
        $inks = FourInks::usual()->inOrder();
        $light = array_map(static fn (float $y, float $c): float => $y ** 0.2 * $c ** 0.1, $inks[0]->colour->linear(), $inks[2]->colour->linear());
        $recipe = TintRecipe::of(Srgb::fromLinear([$light[0], $light[1], $light[2]]), $inks);
        self::assertNotNull($recipe);
        $parts = array_column($recipe->parts, 'share', 'ink');
        self::assertEqualsWithDelta(0.2, $parts['Process yellow'] ?? 0.0, 0.03);
        self::assertEqualsWithDelta(0.1, $parts['Process cyan'] ?? 0.0, 0.02);
        self::assertEqualsWithDelta(0.7, $recipe->base, 0.05);
        self::assertLessThan(1.0, $recipe->deltaE);
        self::assertStringContainsString('of clear base', $recipe->says());
        self::assertNull(TintRecipe::of(Srgb::fromHex('#808080'), []));
    }

    public function testAKeptTableIsTheSameAndADamagedOneIsSaid(): void
    {
        $chain = new LayerChain(Srgb::fromHex(self::PAPER), self::tints());
        foreach ([LayerEdge::Clean, LayerEdge::Soft] as $edge) {
            $table = LayerTable::of($chain, $edge);
            self::assertSame($table->written(), LayerTable::read($table->written())->written());
        }
        try {
            new LayerChain($chain->paper, []);
            self::fail('No layers were taken.');
        } catch (ImpossibleMix $refused) {
            self::assertStringContainsString('usual', $refused->getMessage());
        }
        $this->expectException(\UnexpectedValueException::class);
        LayerTable::read('broken');
    }

    /** @return list<Srgb> */
    private static function tints(): array
    {
        return array_map(Srgb::fromHex(...), ['#9a9894', '#f2c860', '#7ab8d0']);
    }

    /** @param list<Srgb> $colours in bands */
    private static function art(array $colours, int $rows = 25): ArtRaster
    {
        $rgb = implode('', array_map(static fn (Srgb $c): string => str_repeat(\chr($c->red).\chr($c->green).\chr($c->blue), 100 * $rows), $colours));

        return new ArtRaster(100, $rows * \count($colours), $rgb, false);
    }

    public function testTheNearestLayersAreTheNearestOfAll(): void
    {
        $chain = new LayerChain(Srgb::fromHex(self::PAPER), self::tints());
        mt_srand(5);
        for ($i = 0; $i < 50; ++$i) {
            $lab = Lab::of(new Srgb(mt_rand(0, 255), mt_rand(0, 255), mt_rand(0, 255)));
            $off = array_map(static fn (Srgb $c): float => hypot(hypot(Lab::of($c)->l - $lab->l, Lab::of($c)->a - $lab->a), Lab::of($c)->b - $lab->b), $chain->colours);
            self::assertEqualsWithDelta(min([\INF, ...$off]), $chain->nearest($lab)[1], 1e-9);
        }
    }
}
