<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Symfony\Component\HttpFoundation\File\UploadedFile;

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

    /** What was sent first took longer to arrive: the order in which it happened stays. */
    public function testASlowNetworkChangesNoOrder(): void
    {
        $job = $this->twoDotsSeparated();
        $now = (int) (1000 * microtime(true));
        $this->ask('POST', "/api/jobs/$job/run/count", ['sentMs' => $now - 9_000, 'events' => [['id' => 'a', 'atMs' => $now - 9_000, 'kind' => 'good']]]);
        $told = $this->ask('POST', "/api/jobs/$job/run/count", ['sentMs' => $now, 'events' => [['id' => 'b', 'atMs' => $now - 4_000, 'kind' => 'stopped', 'reason' => 'ink']]]);
        self::assertSame('ink', $told['count']['standing']['reason'] ?? null, 'no piece came after the stop');
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
        foreach (array_column($this->ask('GET', "/api/jobs/$job/cure")['dryers'], 'id') as $standing) {
            $this->ask('DELETE', "/api/jobs/$job/dryers/$standing");
        }
        self::assertNull($this->ask('GET', "/api/jobs/$job/cure")['dryer']);
        $put = $this->ask('POST', "/api/jobs/$job/dryers", ['name' => 'The long one', 'tunnelMm' => 2400]);
        $dryer = $put['dryer'];
        self::assertSame('The long one', $put['dryers'][\count($put['dryers']) - 1]['set']['name']);
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

    public function testAPictureIsKeptSmallAndWithoutPlaceOrDeviceAndNamedWithTheJudgement(): void
    {
        $job = $this->twoDotsSeparated();
        $picture = new \Imagick();
        $picture->newImage(2400, 1200, new \ImagickPixel('#a03020'), 'jpeg');
        $picture->setImageProfile('exif', "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x0f\0\x02\0\0\0\x0cSECRETPHONE\0\0\0\0\0");
        $path = (string) tempnam(sys_get_temp_dir(), 'pic');
        file_put_contents($path, $picture->getImageBlob());
        self::assertStringContainsString('SECRETPHONE', (string) file_get_contents($path));
        $named = $this->send('/api/pictures', $path, 201);
        self::assertMatchesRegularExpression('/^[0-9a-f]{16}$/', $named['name']);
        $this->browser->request('GET', '/api/pictures/'.$named['name'].'.jpg');
        $bytes = (string) $this->browser->getResponse()->getContent();
        self::assertStringNotContainsString('SECRETPHONE', $bytes);
        $seen = new \Imagick();
        $seen->readImageBlob($bytes);
        self::assertSame([1600, 800], [$seen->getImageWidth(), $seen->getImageHeight()]);
        $board = $this->ask('PUT', "/api/jobs/$job/approval", ['by' => 'Ada', 'picture' => $named['name'], 'judgements' => [['what' => 'colour', 'good' => true]]]);
        self::assertSame($named['name'], $board['approval']['picture']);
        $this->ask('PUT', "/api/jobs/$job/approval", ['by' => 'Ada', 'picture' => '../shop.db', 'judgements' => [['what' => 'colour', 'good' => true]]], 422);
        file_put_contents($path, 'no picture at all');
        $this->send('/api/pictures', $path, 422);
        unlink($path);
        $this->browser->request('GET', '/api/pictures/0123456789abcdef.jpg');
        self::assertSame(404, $this->browser->getResponse()->getStatusCode());
    }

    public function testWhatWasWashedMovesTheLimitsOfTheBenchAndCanBeLeftOut(): void
    {
        $job = $this->twoDotsSeparated();
        $before = $this->ask('GET', "/api/jobs/$job/cure");
        $told = $this->ask('POST', "/api/jobs/$job/wear", ['vehicle' => $before['wear']['vehicle'], 'peakC' => 156, 'overS' => 8, 'surfaceC' => 163, 'verdict' => 'washed off', 'washes' => 3]);
        self::assertEqualsWithDelta(161.0, $told['plan']['need']['leastC'], 1e-9);
        self::assertLessThan($before['plan']['beltMMin'], $told['plan']['beltMMin'] + 1e-9);
        $this->ask('POST', "/api/jobs/$job/wear", ['vehicle' => 'oil', 'peakC' => 5, 'overS' => 8, 'surfaceC' => 163, 'verdict' => 'held'], 422);
        $after = $this->ask('DELETE', "/api/jobs/$job/wear/".$told['wear']['tests'][0]['id']);
        self::assertSame($before['plan']['need'], $after['plan']['need']);
        $this->undo($job);
        self::assertCount(1, $this->ask('GET', "/api/jobs/$job/cure")['wear']['tests'], 'taken back');
    }

    public function testInksAreTriedBesideEachOther(): void
    {
        $white = ['overBlack' => '#d8d6d0', 'overWhite' => '#f2f1ec', 'matDown' => 4];
        $this->ask('POST', '/api/ink-trials', ['name' => 'Dear', 'centsPerKg' => 3000] + $white);
        $both = $this->ask('POST', '/api/ink-trials', ['name' => 'Cheap', 'centsPerKg' => 1000] + $white);
        self::assertSame(['Cheap', 'Dear'], array_map(static fn (array $one): string => $one['trial']['name'], $both));
        $this->ask('POST', '/api/ink-trials', ['name' => 'Free', 'centsPerKg' => 0] + $white, 422);
        self::assertCount(1, $this->ask('DELETE', '/api/ink-trials/'.$both[0]['id']));
    }

    public function testAnEditionIsPlannedOnPaperAndItsWishesAreKept(): void
    {
        $job = $this->twoDotsSeparated();
        self::assertNull($this->ask('GET', "/api/jobs/$job/run/count")['edition']);
        $this->ask('PATCH', "/api/jobs/$job/order", ['quantity' => 20, 'substrate' => 'paper']);
        $board = $this->ask('PATCH', "/api/jobs/$job/edition", ['artistProofs' => 3, 'stageProofs' => true]);
        self::assertSame(3, $board['edition']['chosen']['artistProofs']);
        self::assertGreaterThanOrEqual(20 + 3 + 1, $board['edition']['plan']['sheets'] ?? 0);
        $this->ask('PATCH', "/api/jobs/$job/edition", ['artistProofs' => -3], 422);
        $this->undo($job);
        self::assertSame(0, $this->ask('GET', "/api/jobs/$job/run/count")['edition']['chosen']['artistProofs'], 'taken back');
    }

    public function testStepingBackSaysHowLongItTakesAndWhatIsLeft(): void
    {
        $job = $this->twoDotsSeparated();
        $returns = $this->ask('GET', "/api/jobs/$job/run/count")['returns'];
        self::assertNull($returns['leftMin']);
        $minutes = array_column($returns['back'], 'minutes', 'what');
        $screens = \count($this->ask('GET', "/api/jobs/$job/run/count")['count']['inks']);
        // Each screen at 24 and 9 minutes, and a strike-off of 25.
        self::assertEqualsWithDelta([25 + $screens * 33, 25 + 9, 25], [$minutes['size'], $minutes['register'], $minutes['opacity']], 1e-9);
        $this->ask('PATCH', "/api/jobs/$job", ['dueOn' => date('Y-m-d', time() + 8 * 86400)]);
        self::assertGreaterThan(4 * 600 - 1, $this->ask('GET', "/api/jobs/$job/run/count")['returns']['leftMin']);
    }

    /** The way that is followed has one price, here and there. */
    public function testEachWayThatFitsIsPriced(): void
    {
        $job = $this->twoDotsSeparated();
        $ways = $this->ask('GET', "/api/jobs/$job/estimate/ways?pieces=50");
        $now = array_values(array_filter($ways, static fn (array $way): bool => $way['followed']));
        self::assertCount(1, $now);
        $estimate = $this->ask('GET', "/api/jobs/$job/estimate?pieces=50")['estimate'];
        self::assertSame([$estimate['eachCents'], $estimate['totalCents']], [$now[0]['eachCents'], $now[0]['totalCents']]);
        $totals = array_column($ways, 'totalCents');
        $sorted = $totals;
        sort($sorted);
        self::assertSame($sorted, $totals);
    }

    /** @return array<mixed> */
    private function send(string $to, string $path, int $expect): array
    {
        $this->browser->request('POST', $to, [], ['picture' => new UploadedFile($path, 'print.jpg', null, null, true)]);
        $response = $this->browser->getResponse();
        self::assertSame($expect, $response->getStatusCode(), substr((string) $response->getContent(), 0, 400));

        return (array) json_decode((string) $response->getContent(), true, 16, \JSON_THROW_ON_ERROR);
    }
}
