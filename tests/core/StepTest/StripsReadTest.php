<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StepTest;

use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\StepTest\StripSeen;
use Ektype\Core\StepTest\StripsRead;
use PHPUnit\Framework\TestCase;

final class StripsReadTest extends TestCase
{
    public function testTheBestStripKeepsBothEndsAndOfSeveralItIsTheLonger(): void
    {
        $read = StripsRead::of([
            new StripSeen(4, 0.3, 0.05, slime: true),
            new StripSeen(8, 0.15, 0.05),
            new StripSeen(12, 0.1, 0.1),
            new StripSeen(16, 0.1, 0.1),
            new StripSeen(20, 0.1, 0.2),
        ]);
        self::assertSame([8.0, 16.0, 20.0], [$read->lowS, $read->bestS, $read->highS]);
        self::assertSame(4, $read->best);
        self::assertFalse($read->unsure);
        self::assertStringContainsString('keeps the stencil line of 0.1 mm and the open line of 0.1 mm', $read->says);
    }

    public function testDotsAndHolesDecideWhereLinesDoNot(): void
    {
        $read = StripsRead::of([
            new StripSeen(10, 0.1, 0.1, 0.3, 0.2),
            new StripSeen(14, 0.1, 0.1, 0.2, 0.2),
            new StripSeen(18, 0.1, 0.1, 0.2, 0.4),
        ]);
        self::assertSame([10.0, 14.0, 18.0], [$read->lowS, $read->bestS, $read->highS]);
    }

    public function testAllLostAsksForDoubleAndAllClosedForHalf(): void
    {
        $lost = StripsRead::of([new StripSeen(5, null, 0.05), new StripSeen(10, 0.5, 0.05, slime: true)]);
        self::assertSame([10.0, null, null], [$lost->lowS, $lost->bestS, $lost->highS]);
        self::assertTrue($lost->allLost);
        self::assertStringContainsString('twice the steps', $lost->says);
        $closed = StripsRead::of([new StripSeen(5, 0.05, null), new StripSeen(10, 0.05, null)]);
        self::assertSame([null, null, 5.0], [$closed->lowS, $closed->bestS, $closed->highS]);
        self::assertStringContainsString('half the steps', $closed->says);
    }

    public function testStripsThatContradictAreToldToBeReadAgain(): void
    {
        $read = StripsRead::of([
            new StripSeen(4, 0.05, 0.05),
            new StripSeen(8, 0.5, 0.05, slime: true),
            new StripSeen(12, 0.1, 0.1),
            new StripSeen(16, 0.1, 0.3),
        ]);
        self::assertTrue($read->unsure);
    }

    public function testNoStripThatIsGoodIsContactNotTime(): void
    {
        $read = StripsRead::of([new StripSeen(4, null, 0.1), new StripSeen(8, 0.5, null)]);
        self::assertNull($read->bestS);
        self::assertStringContainsString('contact', $read->says);
    }

    public function testStripsOutOfOrderAreRefused(): void
    {
        $this->expectException(UnusableTest::class);
        $this->expectExceptionMessage('Strip 2 of 8 s does not follow the one of 12 s');
        StripsRead::of([new StripSeen(12, 0.1, 0.1), new StripSeen(8, 0.1, 0.1)]);
    }
}
