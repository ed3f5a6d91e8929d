<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

/** A strike-off read, turned, printed again and read again. */
final class StrikeOffTest extends ShopTestCase
{
    protected const BENCHES = ['light', 'press', 'films'];

    public function testASecondReadingShowsWhetherThePressMovedAsTold(): void
    {
        $id = $this->twoDotsOnFrames();
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][1]['id'];
        $marks = $this->ask('GET', "/api/jobs/$id/press")['marks'];
        $prints = static fn (float $x, float $y): array => array_fill(0, 3, ['readings' => array_map(static fn (array $m): array => ['mark' => $m['name'], 'at' => ['xMm' => $m['xMm'], 'yMm' => $m['yMm']], 'off' => ['xMm' => $x, 'yMm' => $y]], $marks)]);
        self::assertStringContainsString('was not read yet', $this->ask('POST', "/api/plates/$plate/turned", [], 422)['detail']);
        $this->ask('PATCH', "/api/plates/$plate", ['prints' => $prints(0.8, -0.6)]);
        $told = $this->on($id, $plate)['register']['mending']['turns'];
        $bench = $this->ask('POST', "/api/plates/$plate/turned");
        $before = array_column($bench['plates'], null, 'id')[$plate];
        self::assertNull($before['register'], 'the second reading begins');
        self::assertEqualsWithDelta(1.0, $before['turned']['worstBeforeMm'], 1e-9);
        self::assertNull($before['turned']['worstAfterMm']);
        // The side knob moved a quarter less than its profile says.
        $this->ask('PATCH', "/api/plates/$plate", ['prints' => $prints(0.2, 0.0)]);
        $after = $this->ask('GET', "/api/jobs/$id/press");
        self::assertEqualsWithDelta(0.2, array_column($after['plates'], null, 'id')[$plate]['turned']['worstAfterMm'], 1e-9);
        $side = array_column($after['learned'], null, 'name')['Side'];
        $profile = array_column($this->ask('GET', '/api/shop')['presses'][0]['knobs'], 'mmPerTurn', 'name')['Side'];
        self::assertLessThan(0.85 * $profile, $side['mmPerTurn']);
        self::assertGreaterThan(0.7 * $profile, $side['mmPerTurn']);
        self::assertStringContainsString('from 1 correction', $side['says']);
        self::assertNotSame([], $told);
    }

    public function testTicksOfTheSetUpAreKept(): void
    {
        $id = $this->twoDotsOnFrames();
        $done = static fn (array $bench): array => array_column(array_filter($bench['setUp'], static fn (array $l): bool => $l['done']), 'what');
        self::assertSame(['warm'], $done($this->ask('POST', "/api/jobs/$id/set-up", ['done' => 'warm', 'on' => true])));
        $this->ask('POST', "/api/jobs/$id/set-up", ['done' => 'platens', 'on' => true]);
        self::assertSame(['platens', 'warm'], $done($this->ask('GET', "/api/jobs/$id/press")), 'in working order');
        self::assertSame(['platens'], $done($this->ask('POST', "/api/jobs/$id/set-up", ['done' => 'warm', 'on' => false])));
        $this->ask('POST', "/api/jobs/$id/set-up", ['done' => 'sleep', 'on' => true], 422);
    }

    /** @return array<mixed> */
    private function on(int $job, int $plate): array
    {
        return array_column($this->ask('GET', "/api/jobs/$job/press")['plates'], null, 'id')[$plate];
    }
}
