<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Registration;

use Ektype\Core\Registration\DoubtfulReadings;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;
use Ektype\Core\Registration\SlipOfHand;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A misfit in the wrong unit is 25 times off: it is caught before a knob is turned. */
final class DoubtfulReadingsTest extends TestCase
{
    /** @return iterable<string, array{float, list<string>}> */
    public static function wholePlates(): iterable
    {
        yield 'as a press is off' => [1.0, []];
        yield 'inches taken for millimetres' => [1 / 25.4, ['type them with “in”']];
        yield 'millimetres taken for inches' => [25.4, ['type it again with “mm”', 'one unit']];
    }

    /** @param list<string> $words */
    #[DataProvider('wholePlates')]
    public function testAWholePlateInTheOtherUnit(float $times, array $words): void
    {
        $says = self::says(self::plate(0.8, -0.5, 0.0005, 0.001, static fn (string $mark): float => $times));
        self::assertCount(\count($words), $says, implode(' ', $says));
        foreach ($words as $i => $word) {
            self::assertStringContainsString($word, $says[$i]);
        }
    }

    public function testOneMarkInTheOtherUnit(): void
    {
        $inches = self::says(self::plate(0.9, 0.4, 0.001, 0.0, static fn (string $mark): float => $mark === 'B' ? 1 / 25.4 : 1.0));
        self::assertCount(1, $inches);
        self::assertStringContainsString('“B” reads 0.0', $inches[0]);
        self::assertStringContainsString('read in inches', $inches[0]);
        $mm = self::says(self::plate(0.15, 0.04, 0.0, 0.0, static fn (string $mark): float => $mark === 'C' ? 25.4 : 1.0));
        self::assertStringContainsString('read in millimetres', implode(' ', $mm));
    }

    /** Reading errors of a tenth of a millimetre, a turn and a film that has grown by 0.3 % are what a press has. */
    public function testHonestReadingsAreNotDoubted(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 500; ++$i) {
            $error = static fn (): float => (mt_rand() / mt_getrandmax() - 0.5) * 0.2;
            $plate = self::plate(4 * $error() * 5, 4 * $error() * 5, $error() * 0.05, 0.003, static fn (string $mark): float => 1.0, $error);
            self::assertSame([], array_filter(self::says($plate), static fn (string $s): bool => !str_contains($s, 'loupe')));
        }
    }

    /** Two marks show no wrong one. */
    public function testFewMarksAreNotJudgedOneByOne(): void
    {
        $readings = \array_slice(self::plate(0.9, 0.4, 0.0, 0.0, static fn (string $mark): float => $mark === 'B' ? 1 / 25.4 : 1.0), 0, 2);
        self::assertSame([], self::says($readings));
    }

    /**
     * @param list<Reading> $readings
     *
     * @return list<string>
     */
    private static function says(array $readings): array
    {
        $read = new Readings([$readings]);

        return DoubtfulReadings::says($read, MisfitFit::of($read), SlipOfHand::among($read->byPrint));
    }

    /**
     * @param \Closure(string): float  $times what was typed, of what was read
     * @param (\Closure(): float)|null $error
     *
     * @return list<Reading> a plate shifted, turned and grown
     */
    private static function plate(float $x, float $y, float $turn, float $growth, \Closure $times, ?\Closure $error = null): array
    {
        $readings = [];
        foreach (['A' => [-150, -180], 'B' => [150, -180], 'C' => [150, 180], 'D' => [-150, 180]] as $mark => [$px, $py]) {
            $readings[] = new Reading(
                $mark,
                $px,
                $py,
                $times($mark) * ($x - $turn * $py + $growth * $px + ($error === null ? 0.0 : $error())),
                $times($mark) * ($y + $turn * $px + $growth * $py + ($error === null ? 0.0 : $error())),
            );
        }

        return $readings;
    }
}
