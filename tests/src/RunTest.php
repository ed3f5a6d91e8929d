<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

final class RunTest extends ShopTestCase
{
    public function testWhatTwoTabletsTellAddsUpHoweverOftenItIsSent(): void
    {
        $job = $this->twoDotsSeparated();
        $this->ask('PATCH', "/api/jobs/$job/order", ['quantity' => 20]);
        $now = (int) (1000 * microtime(true));
        $touch = static fn (string $id, int $ago, array $more = []): array => ['id' => $id, 'atMs' => $now - $ago, 'kind' => 'good', ...$more];
        $one = [$touch('a1', 9000), $touch('a2', 8000), $touch('a3', 7000, ['pieces' => 10])];
        $two = [$touch('b1', 8500), $touch('b2', 500, ['kind' => 'misprint', 'cause' => 'smeared', 'xMm' => 10, 'yMm' => -5])];
        $told = $this->ask('POST', "/api/jobs/$job/run/count", ['sentMs' => $now, 'events' => $one]);
        self::assertSame(['a1', 'a2', 'a3'], $told['known']);
        $this->ask('POST', "/api/jobs/$job/run/count", ['sentMs' => $now, 'events' => $two]);
        $again = $this->ask('POST', "/api/jobs/$job/run/count", ['sentMs' => $now, 'events' => [...$one, ...$two]]);
        self::assertSame([13, 1, 20], [$again['count']['good'], $again['count']['misprints'], $again['count']['ordered']]);
        self::assertEquals(['xMm' => 10, 'yMm' => -5], $again['count']['misprinted'][0]['places'][0]);
        $back = $this->ask('POST', "/api/jobs/$job/run/count", ['sentMs' => $now, 'events' => [['id' => 'b3', 'atMs' => $now, 'kind' => 'taken back', 'name' => 'a3']]]);
        self::assertSame(3, $back['count']['good']);
        self::assertTrue($this->ask('GET', "/api/jobs/$job/run")['begun']);
    }

    /** A tablet whose clock is an hour off counts at the right time. */
    public function testTheClockOfATabletIsSetByTheShops(): void
    {
        $job = $this->twoDotsSeparated();
        $now = (int) (1000 * microtime(true));
        $hour = 3_600_000;
        $told = $this->ask('POST', "/api/jobs/$job/run/count", ['sentMs' => $now - $hour, 'events' => [
            ['id' => 'x', 'atMs' => $now - $hour - 60_000, 'kind' => 'good'],
            ['id' => 'y', 'atMs' => $now - $hour, 'kind' => 'good'],
        ]]);
        self::assertEqualsWithDelta($told['nowMs'] - 60_000, $told['latest'][1]['atMs'], 5_000);
    }

    public function testWhatCannotBeIsRefusedAndNothingOfItIsKept(): void
    {
        $job = $this->twoDotsSeparated();
        $now = (int) (1000 * microtime(true));
        $good = ['id' => 'g', 'atMs' => $now, 'kind' => 'good'];
        foreach ([['id' => 'z', 'atMs' => $now, 'kind' => 'good', 'pieces' => 0], ['id' => 'z', 'atMs' => $now, 'kind' => 'filled', 'plate' => 1], ['id' => '', 'atMs' => $now, 'kind' => 'good'], ['id' => 'z', 'atMs' => $now, 'kind' => 'eaten']] as $bad) {
            $refused = $this->ask('POST', "/api/jobs/$job/run/count", ['sentMs' => $now, 'events' => [$good, $bad]], 422);
            self::assertNotSame('', $refused['detail']);
        }
        self::assertSame(0, $this->ask('GET', "/api/jobs/$job/run/count")['count']['good']);
        $this->ask('POST', "/api/jobs/$job/run/count", ['sentMs' => $now, 'events' => []], 422);
    }

    public function testAStrikeOffIsApprovedByName(): void
    {
        $job = $this->twoDotsSeparated();
        $judged = [['what' => 'colour', 'good' => true], ['what' => 'size', 'good' => true, 'measuredMm' => 100.4, 'reckonedMm' => 100.0]];
        $nobody = $this->ask('PUT', "/api/jobs/$job/approval", ['by' => ' ', 'judgements' => $judged], 422);
        self::assertStringContainsString('by name', $nobody['detail']);
        $this->ask('PUT', "/api/jobs/$job/approval", ['by' => 'Ada', 'judgements' => []], 422);
        $approved = $this->ask('PUT', "/api/jobs/$job/approval", ['by' => 'Ada', 'judgements' => $judged]);
        self::assertTrue($approved['approval']['approved']);
        $off = $this->ask('PUT', "/api/jobs/$job/approval", ['by' => 'Ada', 'judgements' => [['what' => 'hand', 'good' => false], ['what' => 'size', 'good' => false, 'measuredMm' => 103.0, 'reckonedMm' => 100.0]]]);
        self::assertFalse($off['approval']['approved']);
        self::assertStringContainsString('Less ink', $off['approval']['says'][0]);
        self::assertStringContainsString('103.0 mm measured', $off['approval']['says'][1]);
        $this->undo($job);
        self::assertTrue($this->ask('GET', "/api/jobs/$job/run/count")['approval']['approved'], 'taken back');
        self::assertNull($this->ask('DELETE', "/api/jobs/$job/approval")['approval']);
    }

    public function testAJobThatIsDeletedAndTakenBackKeepsItsCount(): void
    {
        $job = $this->twoDotsSeparated();
        $now = (int) (1000 * microtime(true));
        $this->ask('POST', "/api/jobs/$job/run/count", ['sentMs' => $now, 'events' => [['id' => 'g', 'atMs' => $now, 'kind' => 'good', 'pieces' => 7]]]);
        $this->ask('DELETE', "/api/jobs/$job");
        $this->ask('POST', '/api/undo', ['place' => 'jobs']);
        self::assertSame(7, $this->ask('GET', "/api/jobs/$job/run/count")['count']['good']);
    }

    public function testAPriceRestsOnTheShopsOwnRates(): void
    {
        $job = $this->twoDotsSeparated();
        $usual = $this->ask('GET', "/api/jobs/$job/estimate?pieces=50");
        self::assertSame(50, $usual['estimate']['pieces']);
        self::assertSame($usual['estimate']['costCents'], array_sum(array_column($usual['estimate']['lines'], 'cents')));
        $dear = $this->ask('PATCH', "/api/jobs/$job/rates", ['hourCents' => 6000, 'currency' => 'USD']);
        self::assertSame('USD', $dear['rates']['currency']);
        self::assertGreaterThan($usual['estimate']['costCents'], $this->ask('GET', "/api/jobs/$job/estimate?pieces=50")['estimate']['costCents']);
        self::assertStringContainsString('three letters', $this->ask('PATCH', "/api/jobs/$job/rates", ['currency' => 'euro'], 422)['detail']);
        $this->ask('GET', "/api/jobs/$job/estimate?pieces=0", null, 422);
        $this->ask('PATCH', "/api/jobs/$job/rates", ['hourCents' => 0], 422);
    }

    public function testADryerLearnsFromItsProbe(): void
    {
        $job = $this->twoDotsSeparated();
        self::assertNull($this->ask('GET', "/api/jobs/$job/cure")['dryer']);
        $put = $this->ask('POST', "/api/jobs/$job/dryers", ['name' => 'The long one', 'tunnelMm' => 2400]);
        $dryer = $put['dryer'];
        self::assertSame('The long one', $put['dryers'][0]['set']['name']);
        $before = $put['plan']['dwellS'];
        $read = $this->ask('POST', "/api/jobs/$job/dryers/$dryer/probe/simulated");
        self::assertSame(1, $read['dryers'][0]['runs']);
        self::assertNotNull($read['verdict']);
        self::assertGreaterThan(0.0, $read['log']['seconds'][1]);
        self::assertGreaterThanOrEqual($before, $read['plan']['dwellS'], 'it gives less heat than it is said to');
        $this->ask('PATCH', "/api/jobs/$job/dryers/$dryer", ['airC' => 400], 422);
        $this->ask('PATCH', "/api/jobs/$job/dryers/$dryer", ['slowestMMin' => 5.0, 'fastestMMin' => 4.0], 422);
        self::assertNull($this->ask('DELETE', "/api/jobs/$job/dryers/$dryer")['dryer']);
    }

    public function testTheDaysAreWhatIsOpen(): void
    {
        $job = $this->twoDotsSeparated();
        $this->tell($job, ['quantity' => 60, 'dueOn' => date('Y-m-d', strtotime('+9 days'))]);
        $days = $this->ask('GET', '/api/days');
        self::assertContains($job, array_column($days['jobs'], 'id'));
        self::assertEqualsWithDelta(0.0, $days['lateMin'], 1e-6);
        $late = $this->ask('GET', "/api/days?late=$job&by=20");
        $mine = array_values(array_filter($late['jobs'], static fn (array $j): bool => $j['id'] === $job))[0];
        self::assertGreaterThan(0, $mine['lateMin']);
        self::assertGreaterThan(0, $mine['movedMin']);
        $order = array_reverse(array_column($days['jobs'], 'id'));
        self::assertSame($order, array_column($this->ask('POST', '/api/days', ['order' => $order])['jobs'], 'id'));
        $this->ask('POST', '/api/days', ['order' => [987654]], 422);
        $this->ask('PATCH', "/api/jobs/$job", ['dueOn' => '2020-02-30'], 422);
    }
}
