<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StepTest;

use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\StepTest\NextTest;
use Ektype\Tests\Core\Exposure\SimulatedShop;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class NextTestTest extends TestCase
{
    /** Five tests as they are proposed leave a third less unsure, on average, than five at random. */
    #[Group('long')]
    public function testProposedTestsTeachMoreThanRandomOnes(): void
    {
        $proposed = $random = 0.0;
        for ($seed = 0; $seed < 12; ++$seed) {
            $shop = new SimulatedShop(300 + $seed);
            $could = array_values(array_filter($shop->all(), static fn (Setting $s): bool => $s->dyed || $s->thicknessUm > 100));
            // A few jobs wait: twelve screens under two lamps with two emulsions.
            $wanted = [];
            while (\count($wanted) < 12) {
                $one = $shop->any();
                if ($one->lamp !== 'Box' && \in_array($one->emulsion, ['P', 'D'], true)) {
                    $wanted[] = $one;
                }
            }
            $tests = $drawn = [];
            for ($k = 0; $k < 5; ++$k) {
                $best = NextTest::ranked(new ExposureModel($tests, [...$could, ...$wanted]), $could, $wanted)[0];
                $tests[] = $shop->tested($best->setting);
                $drawn[] = $shop->tested($could[$shop->pick(\count($could))]);
            }
            $proposed += self::left($tests, $wanted);
            $random += self::left($drawn, $wanted);
        }
        self::assertLessThan(0.67 * $random, $proposed);
    }

    public function testItSaysHowToTest(): void
    {
        $shop = new SimulatedShop(1);
        $setting = $shop->setting('Arc', 'D', 2);
        $next = NextTest::ranked(new ExposureModel([], [$setting]), [$setting, $setting], [$setting]);
        self::assertCount(1, $next, 'what is the same is offered once');
        self::assertLessThan($next[0]->before, $next[0]->after);
        self::assertStringContainsString('Test D under Arc at 105 µm, yellow mesh', $next[0]->says());
    }

    /**
     * @param list<\Ektype\Core\Exposure\TestReading> $tests
     * @param list<Setting>                           $wanted
     */
    private static function left(array $tests, array $wanted): float
    {
        $model = new ExposureModel($tests, $wanted);

        return array_sum(array_map(static fn (Setting $s): float => log($model->predict($s)->highS / $model->predict($s)->lowS), $wanted));
    }
}
