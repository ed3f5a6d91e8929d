<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Ink\InkKind;
use Ektype\Core\Press\AfterRun;
use PHPUnit\Framework\TestCase;

final class AfterRunTest extends TestCase
{
    public function testEachInkIsPutAwayAsItAsksAndNoOtherIsNamed(): void
    {
        $says = static fn (InkKind ...$inks): string => implode(' ', AfterRun::of(array_values($inks), 'Night Moths', true));
        self::assertStringContainsString('plastisol off into its pot', $says(InkKind::Plastisol));
        self::assertStringNotContainsString('water', $says(InkKind::Plastisol));
        self::assertStringContainsString('with water at once', $says(InkKind::WaterBased));
        self::assertStringNotContainsString('lastisol', $says(InkKind::WaterBased));
        self::assertStringContainsString('not put back', $says(InkKind::TwoPart));
        self::assertStringNotContainsString('Card solvent', $says(InkKind::TwoPart), 'what hardens is not carded back like solvent ink');
        self::assertStringContainsString('Card solvent', $says(InkKind::TwoPart, InkKind::Solvent));
        self::assertStringContainsString('in one sleeve: Night Moths', $says(InkKind::Plastisol));
        self::assertStringNotContainsString('films', implode(' ', AfterRun::of([InkKind::Plastisol], 'Night Moths', false)), 'imaged straight, there are none');
    }
}
