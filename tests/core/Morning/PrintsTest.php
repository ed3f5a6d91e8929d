<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Morning;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Ektype\Core\Morning\FilmSource;
use Ektype\Core\Morning\Prints;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What stands ready on the first morning must be things that a shop can really have. */
final class PrintsTest extends TestCase
{
    /** @return iterable<string, array{Prints}> */
    public static function kinds(): iterable
    {
        foreach (Prints::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function testUsualFramesCarryMeshesThatAreWoven(Prints $kind): void
    {
        $woven = array_map(static fn (Mesh $m): string => $m->threadsPerCm.'/'.$m->threadUm, MeshCatalogue::typical());
        $last = 0.0;
        foreach ($kind->frames() as $frames) {
            self::assertContains($frames->threadsPerCm.'/'.$frames->threadUm, $woven);
            self::assertGreaterThan($last, $frames->threadsPerCm, 'coarse to fine');
            $last = $frames->threadsPerCm;
        }
        self::assertSame(12, array_sum(array_map(static fn ($f): int => $f->count, $kind->frames())));
    }

    #[DataProvider('kinds')]
    public function testSixInksAreToldApartAndHaveAWhiteAndABlack(Prints $kind): void
    {
        $inks = $kind->inks();
        self::assertCount(6, $inks);
        self::assertCount(6, array_unique(array_column($inks, 'name')));
        $light = [];
        foreach (array_column($inks, 'hex') as $hex) {
            $light[] = Lab::of(Srgb::fromHex($hex))->l;
        }
        self::assertGreaterThan(90.0, max($light));
        self::assertLessThan(15.0, min($light));
        foreach ($inks as $ink) {
            self::assertGreaterThan(0.5, $ink->hiding);
            self::assertLessThan(1.0, $ink->hiding);
        }
    }

    public function testPaperAndBoardsWantFinerMeshThanCloth(): void
    {
        $coarsest = static fn (Prints $p): float => $p->frames()[0]->threadsPerCm ?? 0.0;
        self::assertLessThan($coarsest(Prints::Paper), $coarsest(Prints::Shirts));
        self::assertLessThan($coarsest(Prints::Flat), $coarsest(Prints::Totes));
    }

    public function testFineMeshIsUsuallyYellow(): void
    {
        // From 200 threads per inch: 78.7 per cm.
        foreach ([43 => false, 77 => false, 79 => true, 120 => true] as $perCm => $yellow) {
            self::assertSame($yellow, MeshCatalogue::isUsuallyDyed($perCm), "$perCm");
        }
        foreach (Prints::Paper->frames() as $frames) {
            self::assertSame($frames->threadsPerCm > 78.7, $frames->dyed);
        }
    }

    public function testNobodyHasMeasuredTheBlackOfAFilmPrinterOnTheFirstMorning(): void
    {
        foreach (FilmSource::cases() as $source) {
            self::assertNull($source->printer()->density, $source->value);
        }
    }
}
