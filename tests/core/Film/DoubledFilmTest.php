<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Film;

use Ektype\Core\Film\DoubledFilm;
use PHPUnit\Framework\TestCase;

final class DoubledFilmTest extends TestCase
{
    /** Two sheets that each let one part in 200 pass let one in 40,000 pass: densities add. */
    public function testDensitiesAdd(): void
    {
        $film = new DoubledFilm(log10(200));
        self::assertEqualsWithDelta(40_000, 10 ** $film->black(), 1e-6);
        self::assertEqualsWithDelta(10 ** DoubledFilm::CLEAR, $film->timeFactor(), 1e-12);
        self::assertStringContainsString('one 40,000th of the light comes through', $film->says());
        self::assertStringContainsString('That stops the lamp', $film->says());
        self::assertStringContainsString('still weak', (new DoubledFilm(1.2))->says());
    }
}
