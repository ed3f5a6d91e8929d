<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Film;

use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LargestPrintTest extends TestCase
{
    /** @return iterable<string, array{float, float|null, float}> */
    public static function media(): iterable
    {
        foreach (['a sheet' => [330.0, 483.0], 'a roll' => [330.0, null], 'a small sheet' => [210.0, 297.0]] as $name => [$wide, $long]) {
            foreach ([0.2, 0.75, 1.0, 1.4, 3.0] as $shape) {
                yield "$name, $shape high" => [$wide, $long, $shape];
            }
        }
    }

    /** Tried millimetre by millimetre: films of the largest print go on, of one two millimetres wider they do not. */
    #[DataProvider('media')]
    public function testItGoesOnAndAWiderOneDoesNot(float $wide, ?float $long, float $shape): void
    {
        $printer = new FilmPrinter('a printer', 720.0, $wide, $long);
        $goes = static function (float $mm) use ($printer, $shape): bool {
            $px = static fn (float $mm): int => (int) round($mm / 25.4 * 720);

            return $printer->tooLarge(new FilmSheet($px($mm), $px($mm * $shape), 720.0, 4)) === '';
        };
        $largest = 0;
        for ($mm = 1; $mm < 1500; ++$mm) {
            $largest = $goes($mm) ? $mm : $largest;
        }
        self::assertLessThan(1499, $largest);
        $told = $printer->largestPrintMm($shape) ?? 0.0;
        self::assertTrue($goes($told));
        self::assertContains($largest - (int) $told, [0, 1]);
        self::assertStringContainsString(\sprintf('Print it at most %.0f mm wide', $told), $printer->tooLarge(new FilmSheet(60_000, (int) (60_000 * $shape), 720.0, 4)));
    }

    public function testWhereNotEvenMarksFitNothingIsPromised(): void
    {
        self::assertNull((new FilmPrinter('a strip', 720.0, 38.0))->largestPrintMm(1.0));
    }
}
