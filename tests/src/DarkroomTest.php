<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

/** The dark-room plan of the open jobs through the API. */
final class DarkroomTest extends ShopTestCase
{
    public function testOpenJobsArePlannedAndMovedByHand(): void
    {
        self::assertSame('[]', json_encode($this->ask('GET', '/api/darkroom')['screens']));
        $id = $this->twoDotsSeparated();
        $plan = $this->ask('GET', '/api/darkroom');
        self::assertCount(3, $plan['screens']);
        self::assertLessThanOrEqual($plan['firstComeLatenessMin'] + 1e-6, $plan['latenessMin']);
        foreach ($plan['screens'] as $screen) {
            self::assertSame(['coat', 'dry', 'expose', 'wash', 'redry', 'tape'], array_column($screen['steps'], 'step'));
            $plates = array_column($this->ask('GET', "/api/jobs/$id")['plates'], null, 'name');
            $light = $plates[$screen['plate']]['light']['value'];
            self::assertEqualsWithDelta(
                2 + $light / 60,
                $screen['steps'][2]['toMin'] - $screen['steps'][2]['fromMin'],
                0.11,
                'as long as the light takes, and the handling',
            );
        }
        $order = array_reverse(array_column($plan['screens'], 'plateId'));
        $byHand = $this->ask('POST', '/api/darkroom', ['order' => $order]);
        self::assertTrue($byHand['byHand']);
        self::assertSame($order, array_column($byHand['screens'], 'plateId'));
        self::assertStringContainsString('every screen once', $this->ask('POST', '/api/darkroom', ['order' => [$order[0]]], 422)['detail']);
        self::assertStringContainsString('not to be made', $this->ask('POST', '/api/darkroom', ['order' => [99999]], 422)['detail']);

        // A job that was due yesterday is late, and that is said; a burned screen leaves the plan.
        $this->ask('PATCH', "/api/jobs/$id", ['dueOn' => (new \DateTimeImmutable('-1 day'))->format('Y-m-d')]);
        $late = $this->ask('GET', '/api/darkroom');
        self::assertGreaterThan(0, $late['latenessMin']);
        self::assertGreaterThan(0, $late['screens'][0]['late']['lateMin']);
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][0];
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['frameId' => $this->framesFor($plate['id'])[0]['id']]);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 20]);
        self::assertCount(2, $this->ask('GET', '/api/darkroom')['screens']);
    }
}
