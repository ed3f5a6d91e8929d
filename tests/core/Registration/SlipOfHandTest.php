<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Registration;

use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\SlipOfHand;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A slip of the hand on one of several prints is named by print, mark and kind; honest readings are not doubted. Presses with known truth. */
final class SlipOfHandTest extends TestCase
{
    private const MARKS = [[0.0, 164.0], [0.0, -164.0], [140.0, 10.0], [-140.0, -10.0], [-150.0, 164.0], [150.0, -164.0]];
    private const KINDS = ['both ways', 'to the right', 'away from you', 'swapped', 'tenfold', 'tenth'];

    public function testASlipOnOnePrintIsNamed(): void
    {
        $random = new Randomizer(new Mt19937(28));
        $named = $seen = $wrong = 0;
        for ($k = 0; $k < 240; ++$k) {
            $prints = self::press($random, 3, 3 + $k % 4);
            [$p, $m, $kind] = [$random->getInt(0, 2), $random->getInt(0, \count($prints[0]) - 1), self::KINDS[$k % 6]];
            $r = $prints[$p][$m];
            [$x, $y] = self::slipped($kind, $r->offXMm, $r->offYMm);
            $typed = new Reading($r->mark, $r->xMm, $r->yMm, $x, $y);
            $prints = array_map(static fn (array $print): array => array_map(static fn (Reading $one): Reading => $one === $r ? $typed : $one, $print), $prints);
            if (hypot($x - $r->offXMm, $y - $r->offYMm) < 0.15) {
                continue;
            }
            ++$seen;
            $slip = SlipOfHand::among($prints);
            $right = $slip !== null && $slip->print === $p && $slip->marks === [$r->mark];
            $wrong += $slip !== null && !$right ? 1 : 0;
            $named += $right && self::tells($kind, $slip->says()) ? 1 : 0;
        }
        self::assertGreaterThan(150, $seen);
        self::assertGreaterThan(0.8 * $seen, $named, \sprintf('%d of %d named, %d wrongly', $named, $seen, $wrong));
        self::assertLessThan(0.03 * $seen, $wrong);
    }

    public function testHonestReadingsAreNotDoubted(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $doubted = [];
        for ($k = 0; $k < 400; ++$k) {
            $slip = SlipOfHand::among(self::press($random, 1 + $k % 4, 3 + $k % 4));
            $doubted = $slip === null ? $doubted : [...$doubted, $k.': '.$slip->says()];
        }
        self::assertSame([], $doubted);
    }

    private static function tells(string $kind, string $says): bool
    {
        return str_contains($says, match ($kind) {
            'both ways' => 'both its signs',
            'to the right' => 'sign turned to the right',
            'away from you' => 'sign turned away from you',
            'swapped' => 'changed over',
            // Ten times as much was typed, or a tenth of it.
            'tenfold' => 'a tenth of it',
            default => 'ten times as much',
        });
    }

    /** @return array{float, float} as it was typed */
    private static function slipped(string $kind, float $x, float $y): array
    {
        return match ($kind) {
            'both ways' => [-$x, -$y],
            'to the right' => [-$x, $y],
            'away from you' => [$x, -$y],
            'swapped' => [$y, $x],
            'tenfold' => abs($x) > abs($y) ? [10 * $x, $y] : [$x, 10 * $y],
            default => abs($x) > abs($y) ? [$x / 10, $y] : [$x, $y / 10],
        };
    }

    /** @return list<list<Reading>> a press with a misfit, a turn, growth, loading and a loupe’s error */
    private static function press(Randomizer $random, int $prints, int $marks): array
    {
        $x = 1.0 * self::unit($random) - 0.5;
        $y = 1.0 * self::unit($random) - 0.5;
        $turn = 0.002 * (self::unit($random) - 0.5);
        $grown = [0.0008 * (self::unit($random) - 0.5), 0.0008 * (self::unit($random) - 0.5)];
        $loading = 0.02 + 0.15 * self::unit($random);
        $error = 0.015 + 0.025 * self::unit($random);
        $read = [];
        for ($p = 0; $p < $prints; ++$p) {
            $sx = $x + $loading * self::normal($random);
            $sy = $y + $loading * self::normal($random);
            foreach (\array_slice(self::MARKS, 0, $marks) as $i => [$mx, $my]) {
                $read[$p][] = new Reading("m$i", $mx, $my, round($sx - $turn * $my + $grown[0] * $mx + $error * self::normal($random), 2), round($sy + $turn * $mx + $grown[1] * $my + $error * self::normal($random), 2));
            }
        }

        return array_values($read);
    }

    private static function unit(Randomizer $random): float
    {
        return $random->getInt(0, 1_000_000) / 1_000_000;
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(-2 * log($random->getInt(1, 1_000_000_000) / 1_000_000_001)) * cos(2 * \M_PI * $random->getInt(0, 1_000_000_000) / 1_000_000_000);
    }
}
