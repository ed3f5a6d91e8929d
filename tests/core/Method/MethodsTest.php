<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mix\MixPlan;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Methods;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Tone\PicturesTones;
use Ektype\Core\Tone\SmallLook;
use Ektype\Core\Tone\TonalPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What holds of every method, whichever it is: its films, its first look and its picture are of one print. */
final class MethodsTest extends TestCase
{
    private const WIDE_MM = 24.0;
    private const DPI = 600.0;

    /** @return iterable<string, array{string, string}> method and garment */
    public static function ways(): iterable
    {
        foreach (MethodName::cases() as $method) {
            yield $method->value => [$method->value, $method->fits(true, false) ? '#1b2436' : '#f6f4ee'];
        }
    }

    #[DataProvider('ways')]
    public function testFilmsFirstLookAndPictureAreOfOnePrint(string $name, string $garment): void
    {
        $method = Methods::called(MethodName::from($name));
        $plan = $method->begin([new Mesh(90.0, 48.0)]);
        $art = self::art($plan instanceof TonalPlan);
        $source = self::source($art);
        $print = self::print($garment);
        $shown = [];
        $made = $method->separate($plan, $source, $print, null, static function (array $plates) use (&$shown): void { $shown = $plates; });
        $plan = $made->plan ?? $plan;
        self::assertNotSame([], $made->plates);

        [$width, $height] = [(int) round(self::WIDE_MM / 25.4 * self::DPI), (int) round(self::WIDE_MM / 25.4 * self::DPI * $art->height / $art->width)];
        $cm2 = self::WIDE_MM ** 2 * $art->height / $art->width / 100;
        $names = array_map(static fn (SeparatedPlate $p): string => $p->name, $made->plates);
        self::assertSame($names, array_unique($names), 'each has a name of its own');
        foreach ($made->plates as $i => $plate) {
            self::assertSame($width, $plate->plane->width, $plate->name);
            // Squares are whole.
            self::assertEqualsWithDelta($height, $plate->plane->height, $name === 'index' ? 3 : 0, $plate->name);
            self::assertEqualsWithDelta($cm2 * $plate->plane->count() / $width / $height, $plate->area->cm2, 0.002 * $cm2, "the area of $plate->name is what its film prints");
            self::assertSame($plate->role === PlateRole::Base, $plate->role !== PlateRole::Highlight && $plate->artColour === null, 'a base stands for no colour of the art');
            if ($plate->role === PlateRole::Base) {
                self::assertSame(0, $i, 'the base goes down first');
            }
            $dots = $plate->dots;
            self::assertSame(MethodName::from($name)->hasDots(), $dots !== null);
            if ($dots !== null && $plan instanceof TonalPlan && !($plate->role === PlateRole::Base || $name === 'process')) {
                self::assertEqualsWithDelta($plan->dots()->halftone->lpi, $dots->halftone->lpi, 0.06);
                self::assertEquals([$plan->dots()->dot, $plan->dots()->range], [$dots->dot, $dots->range]);
            }
        }
        // What was shown on the way, and what is looked at first, are these plates.
        foreach ([$shown, $method->first($plan, $source, $print->at(100.0))] as $look) {
            self::assertSame(
                array_map(static fn (SeparatedPlate $p): array => [$p->role, $p->colour->hex()], $made->plates),
                array_map(static fn (FirstPlate $p): array => [$p->role, $p->colour->hex()], $look),
            );
            foreach ($look as $i => $first) {
                // The film undoes no gain here: as much of it prints as of the look.
                self::assertEqualsWithDelta($made->plates[$i]->coveragePct / 100, self::share($first->seen), 0.05, $first->name);
            }
        }
        if (!$plan instanceof TonalPlan || !$method instanceof PicturesTones) {
            return;
        }
        $kept = self::reckoned();
        $settled = $method->settled($plan, $art, $print, $kept);
        self::assertEquals($settled, $method->settled($settled, $art, $print, $kept), 'what is settled stays');
        if ($settled instanceof MixPlan) {
            self::assertNotNull($settled->inks()->inks);
            self::assertCount(\count(array_filter($made->plates, static fn (SeparatedPlate $p): bool => $p->role === PlateRole::Colour)), $settled->inks()->inks);
        }
        $picture = $method->picture($settled, $art, $print, $kept);
        self::assertSame([$art->width, $art->height], [$picture->getImageWidth(), $picture->getImageHeight()]);
        self::assertLessThan(0.75 * self::off($art, static fn (): Srgb => $print->garment), self::off($art, static fn (int $x, int $y): Srgb => self::pixel($picture, $x, $y)), 'it is nearer to the art than the bare garment is');
        $red = $method->picture($settled, $art, $print, $kept, new SmallLook(Srgb::fromHex('#c01818')));
        self::assertGreaterThan(1.0, Ciede2000::between(Lab::of(self::pixel($picture, 2, 2)), Lab::of(self::pixel($red, 2, 2))) + Ciede2000::between(Lab::of(self::pixel($picture, 93, 61)), Lab::of(self::pixel($red, 93, 61))), 'another garment is seen in it');
    }

    /** @return \Closure(string, \Closure(): string): string */
    private static function reckoned(): \Closure
    {
        return static function (string $key, \Closure $reckon): string {
            $bytes = $reckon();

            return \is_string($bytes) ? $bytes : throw new \LogicException($key);
        };
    }

    private static function print(string $garment): PrintWanted
    {
        $shelf = [];
        foreach (['White' => '#f6f4ee', 'Black' => '#1b1a17', 'Red' => '#c8202c', 'Blue' => '#2050a8', 'Yellow' => '#f2cf1c'] as $name => $hex) {
            $shelf[] = new GivenInk($name, Srgb::fromHex($hex), 0.92);
        }
        foreach (['Process yellow' => '#ffe600', 'Process magenta' => '#d9007e', 'Process cyan' => '#0095d9', 'Process black' => '#231f20'] as $name => $hex) {
            $shelf[] = new GivenInk($name, Srgb::fromHex($hex), transparent: true);
        }

        return new PrintWanted(self::WIDE_MM, Srgb::fromHex($garment), self::DPI, null, array_combine(range(1, \count($shelf)), $shelf));
    }

    private static function source(ArtRaster $art): ArtSource
    {
        return new class($art) implements ArtSource {
            public function __construct(private readonly ArtRaster $art)
            {
            }

            public function raster(PrintWanted $print, bool $asItIs = false): ArtRaster
            {
                return $this->art;
            }

            public function drawn(): array
            {
                throw new \LogicException('Nothing was drawn by hand.');
            }

            public function positives(): array
            {
                return [];
            }
        };
    }

    /** Flat for spot plates, a blend of colours for the others. */
    private static function art(bool $tonal): ArtRaster
    {
        $rgb = '';
        for ($y = 0; $y < 64; ++$y) {
            for ($x = 0; $x < 96; ++$x) {
                $rgb .= $tonal
                    ? \chr((int) (30 + 220 * $x / 95)).\chr((int) (210 - 180 * $y / 63)).\chr((int) (40 + 150 * (95 - $x) / 95))
                    : ($x < 32 ? "\xc8\x20\x2c" : ($x < 64 ? "\x20\x50\xa8" : "\xf2\xcf\x1c"));
            }
        }

        return new ArtRaster(96, 64, $rgb, false);
    }

    private static function share(BitPlane|CoverageMap $map): float
    {
        return $map instanceof BitPlane ? $map->count() / $map->width / $map->height : array_sum(array_map(ord(...), str_split($map->bytes))) / CoverageMap::FULL / \strlen($map->bytes);
    }

    private static function pixel(\Imagick $picture, int $x, int $y): Srgb
    {
        $colour = $picture->getImagePixelColor($x, $y)->getColor();

        return new Srgb($colour['r'], $colour['g'], $colour['b']);
    }

    /** @param callable(int, int): Srgb $print mean ΔE00 over a grid of places */
    private static function off(ArtRaster $art, callable $print): float
    {
        $sum = $many = 0;
        for ($y = 2; $y < $art->height; $y += 6) {
            for ($x = 2; $x < $art->width; $x += 6) {
                $at = 3 * ($y * $art->width + $x);
                $sum += Ciede2000::between(Lab::of(new Srgb(\ord($art->rgb[$at]), \ord($art->rgb[$at + 1]), \ord($art->rgb[$at + 2]))), Lab::of($print($x, $y)));
                ++$many;
            }
        }

        return $sum / $many;
    }
}
