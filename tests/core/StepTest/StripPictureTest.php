<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StepTest;

use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\StepTest\ReadStrips;
use Ektype\Core\StepTest\StripPicture;
use PHPUnit\Framework\TestCase;

/** Pictures of washed screens whose stencil is known. */
final class StripPictureTest extends TestCase
{
    private const SECONDS = [6.0, 12.0, 18.0, 24.0, 30.0];

    public function testAClearPictureShowsWhatIsThere(): void
    {
        $screen = new WashedScreen(self::SECONDS, 17.0, 3, grain: 3.0, luck: 0.004);
        $read = self::read($screen, self::SECONDS);
        self::assertSame(18.0, $read->read->bestS);
        self::assertSame([12.0, 24.0], [$read->read->lowS, $read->read->highS], 'shorter strips wash away, longer ones close');
        self::assertFalse($read->unsure);
        foreach ($read->strips as $i => $strip) {
            $true = $screen->seen[$i];
            foreach ([[$strip->positiveLine, $true->positiveLine], [$strip->reverseLine, $true->reverseLine], [$strip->dot, $true->dot], [$strip->hole, $true->hole]] as [$seen, $is]) {
                self::assertEqualsWithDelta($is ?? 1.5, $seen ?? 1.5, 0.3 * ($is ?? 1.5) + 0.051, "strip $i: a size of the film away at the most");
            }
        }
    }

    public function testTheOrderOfTheStripsOnTheScreenIsFree(): void
    {
        $down = array_reverse(self::SECONDS);
        $read = self::read(new WashedScreen($down, 17.0, 3, grain: 3.0, luck: 0.004), $down);
        self::assertSame(self::SECONDS, array_map(static fn ($strip): float => $strip->seconds, $read->strips));
        self::assertSame(18.0, $read->read->bestS);
    }

    public function testADimBlockIsSlime(): void
    {
        $screen = new WashedScreen(self::SECONDS, 17.0, 4, grain: 3.0, luck: 0.004);
        $lights = $screen->lights;
        // The first strip under a film of slime: everything open on it is half as bright.
        $rows = (int) (17.0 * WashedScreen::PER_MM);
        for ($at = 0; $at < $rows * $screen->width; ++$at) {
            $lights[$at] = \chr((int) (40 + (\ord($lights[$at]) - 40) * 0.5));
        }
        $read = StripPicture::read($lights, $screen->width, $screen->height, WashedScreen::PER_MM, self::SECONDS);
        self::assertSame([true, false, false, false, false], array_map(static fn ($strip): bool => $strip->slime, $read->strips));
    }

    public function testWhatIsNoTestIsRefused(): void
    {
        $this->expectException(UnusableTest::class);
        $this->expectExceptionMessage('no strips');
        StripPicture::read(str_repeat("\x80", 1260 * 1339), 1260, 1339, WashedScreen::PER_MM, self::SECONDS);
    }

    /** Where grain drowns the fine detail, nobody is told that a strip is certainly best. */
    public function testGrainMakesItUnsure(): void
    {
        $read = self::read(new WashedScreen(self::SECONDS, 14.7, 5, soft: 0.1, grain: 30.0, luck: 0.004, contrast: 60.0), self::SECONDS);
        self::assertTrue($read->unsure);
    }

    /** @param list<float> $seconds */
    private static function read(WashedScreen $screen, array $seconds): ReadStrips
    {
        return StripPicture::read($screen->lights, $screen->width, $screen->height, WashedScreen::PER_MM, $seconds);
    }
}
