<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Registration;

use Ektype\Core\Registration\OddPrint;
use Ektype\Core\Registration\Reading;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class OddPrintTest extends TestCase
{
    public function testTheOnePrintThatLiesElsewhereIsNamed(): void
    {
        $odd = OddPrint::among([self::print(0.4, 0.0), self::print(0.42, 0.02), self::print(-0.9, 0.0)], 0.09);
        self::assertSame(2, $odd?->print);
        self::assertEqualsWithDelta(1.31, $odd->offMm, 0.02);
        self::assertStringContainsString('Print 3 lies 1.31 mm from the two others', $odd->says());
        self::assertSame(0, OddPrint::among([self::print(25.0, 0.0), self::print(0.4, 0.0), self::print(0.41, 0.0), self::print(0.39, 0.0)], null)?->print);
    }

    public function testOfTwoNobodyKnowsWhich(): void
    {
        $odd = OddPrint::among([self::print(0.4, 0.0), self::print(-0.9, 0.0)], 0.09);
        self::assertNotNull($odd);
        self::assertNull($odd->print);
        self::assertStringContainsString('The two prints lie 1.30 mm apart', $odd->says());
        self::assertNull(OddPrint::among([self::print(0.4, 0.0)], 0.09));
    }

    /** Prints that only scatter as this press does are hardly ever doubted; one that is 10 σ off nearly always. */
    public function testScatterAloneIsNoSlip(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $normal = static fn (): float => array_sum(array_map(static fn (): float => $random->getInt(0, 1_000_000) / 1e6, range(1, 12))) - 6;
        [$doubted, $found] = [0, 0];
        for ($game = 0; $game < 400; ++$game) {
            $prints = array_map(static fn (): array => self::print(0.5 + 0.1 * $normal(), -0.2 + 0.1 * $normal()), range(1, 3 + $game % 3));
            $doubted += (int) (OddPrint::among($prints, 0.1) !== null);
            $slip = $game % \count($prints);
            $prints[$slip] = self::print(0.5 + 1.2, -0.2);
            $found += (int) (OddPrint::among($prints, 0.1)?->print === $slip);
        }
        self::assertLessThanOrEqual(4, $doubted, 'one in a hundred');
        self::assertGreaterThanOrEqual(380, $found);
    }

    /** @return list<Reading> */
    private static function print(float $x, float $y): array
    {
        return [new Reading('top', 0, 150, $x, $y), new Reading('bottom', 0, -150, $x, $y), new Reading('left', -120, 0, $x, $y)];
    }
}
