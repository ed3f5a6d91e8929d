<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Ink;

use Ektype\Core\Ink\Hiding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What printers say of an ink must agree with what a second stroke leaves unhidden. */
final class HidingWordsTest extends TestCase
{
    #[DataProvider('inks')]
    public function testHidingIsSaidAsPrintersSayIt(float $hiding, string $says): void
    {
        self::assertStringContainsString($says, Hiding::says($hiding));
    }

    /** @return iterable<array{float, string}> */
    public static function inks(): iterable
    {
        yield [0.97, 'one stroke'];
        yield [0.94, 'one stroke'];
        // 1 − 0.2² = 0.96 of the black is hidden by two strokes.
        yield [0.80, 'two strokes'];
        // 1 − 0.3² = 0.91: still seen.
        yield [0.70, 'needs a base'];
        yield [0.36, 'needs a base'];
        yield [0.30, 'never covers'];
        yield [0.0, 'never covers'];
    }
}
