<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StepTest;

use Ektype\Core\StepTest\StripPicture;
use Ektype\Core\StepTest\StripsRead;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** How often the picture of a washed screen is read right, over sixty that are known. */
final class SixtyStripsTest extends TestCase
{
    #[Group('long')]
    public function testTheBestStripIsFoundOrOneBesideItAndMostOfTheRestIsUnsure(): void
    {
        $right = $beside = $far = $warned = 0;
        $middles = [];
        for ($k = 0; $k < 60; ++$k) {
            mt_srand(1000 + $k);
            $any = static fn (float $from, float $to): float => $from + ($to - $from) * mt_rand() / mt_getrandmax();
            $count = mt_rand(5, 8);
            $step = $any(3, 8);
            $seconds = array_map(static fn (int $i): float => round($i * $step, 1), range(1, $count));
            $time = $seconds[0] * exp($any(0.1, log($count) - 0.1));
            $screen = new WashedScreen($seconds, $time, $k, $any(0.03, 0.1), $any(2, 12), luck: $any(0.005, 0.03), contrast: $any(60, 180), closes: $any(0.06, 0.2), erodes: $any(0.08, 0.25));
            $read = StripPicture::read($screen->lights, $screen->width, $screen->height, WashedScreen::PER_MM, $seconds);
            $off = abs(($read->read->best ?? 99) - (StripsRead::of($screen->seen)->best ?? 99));
            $right += (int) ($off === 0);
            $beside += (int) ($off === 1);
            $far += (int) ($off > 1 && !$read->unsure);
            $warned += (int) ($off > 0 && $read->unsure);
            if ($read->read->lowS !== null && $read->read->highS !== null) {
                $middles[] = log(sqrt($read->read->lowS * $read->read->highS) / $time);
            }
        }
        self::assertGreaterThanOrEqual(48, $right, 'of 60');
        self::assertGreaterThanOrEqual(57, $right + $beside, 'of 60');
        self::assertSame(0, $far, 'none is two away and sure');
        self::assertGreaterThanOrEqual(0.5 * (60 - $right), $warned, 'what is off is mostly unsure');
        self::assertEqualsWithDelta(0.0, array_sum($middles) / \count($middles), 0.06, 'the middle of the bounds leans to no side');
    }
}
