<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

/** A screen from bare mesh to the sink and back, through the API. */
final class ScreensTest extends ShopTestCase
{
    protected const BENCHES = ['plates', 'screens', 'light'];

    public function testACoatedFrameIsDampThenBurnedThenReclaimed(): void
    {
        [$id, $plate, $frame] = $this->jobWithFrames();
        self::assertContains('coat', $plate['frameFirst']);
        self::assertStringStartsWith(
            'Coat frame',
            $this->ask('GET', "/api/jobs/$id")['next']['sentence'] ?? '',
            'films aside, coating comes before the light',
        );

        $record = $this->ask('POST', "/api/frames/$frame/coat", []);
        self::assertSame('coated', $record['frame']['state']);
        self::assertGreaterThan(5, $record['stencil']['dampForMin']);
        $plate = $this->plate($id, 0);
        self::assertSame([], $plate['frameFirst']);
        self::assertStringContainsString('still damp', $plate['stencilNow']['mind']);
        self::assertStringContainsString('has a stencil on it', $this->ask('POST', "/api/frames/$frame/coat", [], 422)['detail']);

        // Gauged on the plate, it is the stencil's own: the frame knows it.
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['gaugedEomUm' => 11.5]);
        self::assertSame(11.5, $this->ask('GET', "/api/frames/$frame")['stencil']['gaugedEomUm']);

        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 21, 'beforeLight' => ['done' => 'glass clean', 'on' => true]]);
        $record = $this->ask('GET', "/api/frames/$frame");
        self::assertSame('burned', $record['frame']['state']);
        self::assertEqualsWithDelta(21, $record['stencil']['burnedSeconds'], 1e-9);
        self::assertStringStartsWith('Burned 21 s', $record['record'][0]['what']);
        self::assertStringContainsString(
            'still holds',
            $this->ask('POST', "/api/frames/$frame/reclaim", ['came' => 'clean'], 422)['detail'],
        );

        // Undone at the job, the stencil is unburned; done again it is burned again.
        $this->undo($id);
        self::assertSame('coated', $this->ask('GET', "/api/frames/$frame")['frame']['state']);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 22]);

        // Given back it is to be reclaimed; then it is bare, one use older, and the next job can have it.
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['frameId' => 0]);
        $record = $this->ask('GET', "/api/frames/$frame");
        self::assertSame('to reclaim', $record['frame']['state']);
        $uses = $record['frame']['uses'];
        self::assertSame('to reclaim', $this->ask('POST', "/api/frames/$frame/reclaim", ['came' => 'locked'])['frame']['state']);
        $record = $this->ask('POST', "/api/frames/$frame/reclaim", ['came' => 'stained']);
        self::assertSame(
            ['bare', true, false, $uses + 1],
            [$record['frame']['state'], $record['frame']['stained'], $record['frame']['locked'], $record['frame']['uses']],
        );
        self::assertNull($record['stencil']);
        // Undo brings the stencil back.
        $this->ask('POST', '/api/undo');
        $record = $this->ask('GET', "/api/frames/$frame");
        self::assertSame([$uses, 'to reclaim', true], [$record['frame']['uses'], $record['frame']['state'], $record['stencil'] !== null]);
    }

    public function testWhatIsSeenAtTheSinkMovesTheTimesOfOtherPlates(): void
    {
        [$id, $plate, $frame] = $this->jobWithFrames();
        $this->ask('POST', "/api/frames/$frame/coat", []);
        $this->allDry();
        $time = fn (): float => $this->plate($id, 1)['light']['value'];
        $before = $time();
        self::assertSame(
            'sinkCheck',
            $this->ask('PATCH', '/api/plates/'.$plate['id'], ['sinkCheck' => ['scum' => true]], 422)['errors'][0]['field'],
        );
        $burned = $this->plate($id, 0)['light']['value'];
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => round($burned, 1)]);
        self::assertEqualsWithDelta($before, $time(), 1e-9, 'burning alone teaches nothing');

        $job = $this->ask('PATCH', '/api/plates/'.$plate['id'], ['sinkCheck' => ['scum' => true, 'lostDots' => true]]);
        self::assertStringContainsString('Too little light', $job['plates'][0]['sinkCheck']['says']);
        self::assertFalse($job['plates'][0]['sinkCheck']['canPrint']);
        self::assertSame('At the sink: scum, lost dots', $this->ask('GET', "/api/frames/$frame")['record'][0]['what']);
        self::assertGreaterThan($before * 1.01, $time());
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['sinkCheck' => ['closedLines' => true]]);
        self::assertLessThan($before / 1.01, $time());
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['sinkCheck' => ['blur' => true]]);
        self::assertEqualsWithDelta($before, $time(), 1e-6, 'contact, not time');
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['sinkCheck' => ['forget' => true]]);
        self::assertEqualsWithDelta($before, $time(), 1e-6);
    }

    public function testAScreenThatCannotPrintIsMadeAgainAndWhatItTaughtStays(): void
    {
        [$id, $plate, $frame] = $this->jobWithFrames();
        $this->ask('POST', "/api/frames/$frame/coat", []);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 12]);
        $job = $this->ask('PATCH', '/api/plates/'.$plate['id'], ['sinkCheck' => ['lostDots' => true]]);
        self::assertSame('out', $job['plates'][0]['stages']['light']);
        $taught = $this->plate($id, 1)['light']['value'];
        $uses = $this->ask('GET', "/api/frames/$frame")['frame']['uses'];
        $record = $this->ask('POST', "/api/frames/$frame/reclaim", ['came' => 'clean', 'again' => true]);
        self::assertSame(['bare', $uses + 1, null], [$record['frame']['state'], $record['frame']['uses'], $record['stencil']]);
        $again = $this->plate($id, 0);
        self::assertSame(
            [$frame, null, null, ['degrease', 'coat']],
            [$again['frameId'], $again['burnedSeconds'], $again['sinkCheck'], $again['frameFirst']],
        );
        self::assertEqualsWithDelta($taught, $this->plate($id, 1)['light']['value'], 1e-9, 'the stencil is gone, what was seen is not');
        // Taken back, the screen is there again as it was: burned, with what was seen on it.
        $back = $this->undo($id)['plates'][0];
        self::assertSame([12.0, true], [$back['burnedSeconds'], $back['sinkCheck']['lostDots']]);
    }

    public function testTheGaugeTeachesTheRecipe(): void
    {
        [$id, , $frame] = $this->jobWithFrames();
        $width = fn (): float => log($this->plate($id, 1)['stencil']['high'] / $this->plate($id, 1)['stencil']['low']);
        self::assertStringContainsString('gauge readings of this shop', $this->plate($id, 1)['stencil']['source']);
        // A fresh emulsion that nobody has gauged is known less well than the old one; each reading of it helps.
        $shop = $this->ask(
            'POST',
            '/api/shop/emulsions',
            ['name' => 'New pot', 'kind' => 'dual_cure', 'solidsPct' => 42, 'mixedOn' => '2026-11-20', 'potLifeDays' => 30],
            201,
        );
        $new = array_values(array_filter($shop['emulsions'], static fn (array $e): bool => $e['name'] === 'New pot'))[0]['id'];
        $known = $width();
        $this->ask('PATCH', "/api/jobs/$id/tools", ['emulsionId' => $new]);
        $unknown = $width();
        self::assertGreaterThan(1.3 * $known, $unknown);
        $this->ask('POST', "/api/frames/$frame/coat", ['emulsionId' => $new]);
        $this->ask('PATCH', '/api/plates/'.$this->plate($id, 0)['id'], ['gaugedEomUm' => 14.0]);
        self::assertLessThan($unknown, $width());
    }

    public function testAFrameIsNeverInTwoJobsNotEvenByUndo(): void
    {
        [$first, $plate, $frame] = $this->jobWithFrames();
        $second = $this->bring(self::twoDots(), ['name' => 'Second'])['id'];
        $this->work();
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['frameId' => 0]);
        $other = $this->plate($second, 0);
        $this->ask('PATCH', '/api/plates/'.$other['id'], ['frameId' => $frame]);
        self::assertSame('frameId', $this->ask('PATCH', '/api/plates/'.$plate['id'], ['frameId' => $frame], 422)['errors'][0]['field']);
        // Another page gave it away meanwhile: undo here says so and leaves it there.
        $this->browser->setServerParameter('HTTP_X_PAGE', 'another page');
        $this->ask('PATCH', '/api/plates/'.$other['id'], ['frameId' => 0]);
        $this->ask('PATCH', '/api/plates/'.$this->plate($second, 1)['id'], ['frameId' => $frame]);
        $this->browser->setServerParameter('HTTP_X_PAGE', 'test page');
        self::assertStringContainsString('from another page', $this->ask('POST', '/api/undo', null, 422)['detail']);
        self::assertNull($this->plate($first, 0)['frameId'], 'the other job has it now');
        self::assertSame($frame, $this->plate($second, 1)['frameId']);
    }

    public function testNewMeshBeginsANewTrend(): void
    {
        $frame = $this->frameLabelled('8');
        $old = $this->ask('GET', "/api/frames/$frame");
        self::assertNotNull($old['perMonth'], 'a year of readings');
        self::assertGreaterThanOrEqual(10, \count($old['readings']));
        $new = $this->ask('POST', "/api/frames/$frame/stretch", ['threadsPerCm' => 120, 'threadUm' => 34, 'tensionNPerCm' => 26.5]);
        self::assertSame(
            [0, 26.5, 'bare', '120–34'],
            [$new['frame']['uses'], $new['frame']['tensionNPerCm'], $new['frame']['state'], $new['frame']['mesh']['name']],
        );
        self::assertNull($new['perMonth'], 'one reading tells no trend');
        self::assertCount(\count($old['readings']) + 1, $new['readings'], 'the old ones stay in the record');
        $this->ask('POST', '/api/undo');
        $back = $this->ask('GET', "/api/frames/$frame");
        self::assertSame([$old['frame'], $old['perMonth']], [$back['frame'], $back['perMonth']]);
    }

    public function testWhatAnotherMeshWouldChange(): void
    {
        [$id, $plate] = $this->jobWithFrames();
        $rows = $this->ask('GET', '/api/plates/'.$plate['id'].'/meshes');
        self::assertCount(1, array_filter($rows, static fn (array $r): bool => $r['here']));
        self::assertCount(1, array_filter($rows, static fn (array $r): bool => $r['rank'] === 1));
        $here = array_values(array_filter($rows, static fn (array $r): bool => $r['here']))[0];
        self::assertEqualsWithDelta(
            $this->plate($id, 0)['light']['value'],
            $here['light']['value'],
            1e-6,
            'the mesh at hand has the time of the plate',
        );
        $volumes = array_map(static fn (array $r): float => $r['mesh']['volumeCm3M2'], $rows);
        foreach ($rows as $i => $row) {
            // Two strokes for a base: the second adds a quarter; four fifths leave the mesh.
            self::assertEqualsWithDelta(0.8 * 1.25 * $volumes[$i], $row['wet']['value'], 1e-6);
            self::assertLessThan($row['wet']['high'], $row['wet']['low']);
        }
    }

    public function testARulingIsLookedAtAgainstTheMeshAndTheOtherPlates(): void
    {
        [, $plate] = $this->jobWithFrames();
        $seen = $this->ask('GET', '/api/plates/'.$plate['id'].'/moire?lpi=30&angle=10');
        self::assertSame([30, 10], [(int) $seen['lpi'], (int) $seen['angle']]);
        self::assertLessThanOrEqual($seen['score']['value'] + 0.051, $seen['calmest'][0]['score']);
        self::assertSame([], $seen['pairs']);
        $job = $this->ask('PATCH', '/api/plates/'.$plate['id'], ['lpi' => 30, 'angleDeg' => 10]);
        $pair = $this->ask('GET', '/api/plates/'.$job['plates'][1]['id'].'/moire?lpi=30&angle=25')['pairs'][0];
        self::assertEqualsWithDelta(1 / (2 * 30 / 25.4 * sin(deg2rad(7.5))), $pair['periodMm'], 0.01);
        $map = $this->ask('GET', '/api/plates/'.$plate['id'].'/moire/map');
        self::assertCount(\count($map['rulings']), $map['scores']);
        self::assertCount(\count($map['angles']), $map['scores'][0]);
        $this->browser->request('GET', '/api/plates/'.$plate['id'].'/moire.png?lpi=30&angle=10');
        self::assertSame(
            [600, 360],
            \array_slice((array) getimagesizefromstring((string) $this->browser->getResponse()->getContent()), 0, 2),
        );
        self::assertSame('lpi', $this->ask('GET', '/api/plates/'.$plate['id'].'/moire?lpi=900', null, 422)['errors'][0]['field']);
        self::assertNull($this->ask('PATCH', '/api/plates/'.$plate['id'], ['lpi' => 0])['plates'][0]['lpi'], 'solid again');
    }

    public function testADataSheetIsFollowedByTheFramesThatCarryTheMesh(): void
    {
        $frame = $this->frameLabelled('1');
        $fabric = fn (): float => array_values(
            array_filter(
                $this->ask('GET', '/api/shop')['meshes'],
                static fn (array $m): bool => $m['mesh']['name'] === '43–80' && !$m['mesh']['dyed'],
            ),
        )[0]['mesh']['thicknessUm'];
        self::assertEqualsWithDelta(128.0, $fabric(), 1e-9);
        $body = ['threadsPerCm' => 43, 'threadUm' => 80, 'dyed' => false, 'openingUm' => 148, 'thicknessUm' => 130];
        $shop = $this->ask('POST', '/api/shop/meshes', $body, 201);
        self::assertEqualsWithDelta(130.0, $fabric(), 1e-9);
        self::assertSame('threadsPerCm', $this->ask('POST', '/api/shop/meshes', $body, 422)['errors'][0]['field'], 'the same mesh twice');
        $own = array_values(
            array_filter($shop['meshes'], static fn (array $m): bool => $m['mesh']['name'] === '43–80' && $m['id'] !== null),
        )[0];
        self::assertSame(2, $own['inRack']);
        $this->ask('DELETE', '/api/shop/meshes/'.$own['id']);
        self::assertEqualsWithDelta(128.0, $fabric(), 1e-9);
        self::assertSame('43–80', $this->ask('GET', "/api/frames/$frame")['frame']['mesh']['name']);
    }

    public function testAnOldPotIsSaidAndAFreshOneIsTold(): void
    {
        [$id] = $this->jobWithFrames();
        $shop = $this->ask('PATCH', '/api/shop/emulsions/1', ['mixedOn' => (new \DateTimeImmutable('-45 days'))->format('Y-m-d')]);
        self::assertSame(-3, $shop['emulsions'][0]['potDaysLeft'], 'of 42 days');
        self::assertStringContainsString('over its pot life by 3 days', implode(' ', $this->plate($id, 0)['coat']['mind']));
        $shop = $this->ask('PATCH', '/api/shop/emulsions/1', ['mixedOn' => (new \DateTimeImmutable())->format('Y-m-d')]);
        self::assertSame(42, $shop['emulsions'][0]['potDaysLeft']);
        self::assertSame([], $this->plate($id, 0)['coat']['mind']);
        self::assertSame('mixedOn', $this->ask('PATCH', '/api/shop/emulsions/1', ['mixedOn' => '2199-01-01'], 422)['errors'][0]['field']);
    }

    public function testAnEmulsionThatTaughtTheGaugeStays(): void
    {
        [, $plate, $frame] = $this->jobWithFrames();
        $shop = $this->ask('POST', '/api/shop/emulsions', ['name' => 'Short lived', 'kind' => 'photopolymer'], 201);
        $new = array_column($shop['emulsions'], 'id', 'name')['Short lived'];
        $this->ask('POST', "/api/frames/$frame/coat", ['emulsionId' => $new]);
        self::assertStringContainsString('1 stencil rests on it', $this->ask('DELETE', "/api/shop/emulsions/$new", null, 422)['detail']);
        $this->ask('POST', '/api/undo');
        $this->ask('DELETE', "/api/shop/emulsions/$new");
        self::assertNull($this->ask('GET', "/api/frames/$frame")['stencil']);
        self::assertNotNull($plate['coat']);
    }

    public function testAnotherFrameBringsItsOwnStencilAndAnEmptyCard(): void
    {
        [$id, $plate, $frame] = $this->jobWithFrames();
        $this->ask('POST', "/api/frames/$frame/coat", []);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['gaugedEomUm' => 25.0, 'beforeLight' => ['done' => 'film dry', 'on' => true]]);
        $other = $this->frameLabelled('24');
        $job = $this->ask('PATCH', '/api/plates/'.$plate['id'], ['frameId' => $other]);
        self::assertSame([null, []], [$job['plates'][0]['gaugedEomUm'], $job['plates'][0]['beforeLight']]);
        self::assertSame(
            25.0,
            (float) $this->ask('GET', "/api/frames/$frame")['stencil']['gaugedEomUm'],
            'what was gauged stays with the screen',
        );
        // Back on the first frame the plate finds it again.
        $job = $this->ask('PATCH', '/api/plates/'.$plate['id'], ['frameId' => $frame]);
        self::assertSame(25.0, (float) $job['plates'][0]['gaugedEomUm']);
        // A frame that carries another plate's burned stencil cannot be burned again.
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 20]);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['frameId' => 0]);
        $second = $this->plate($id, 1);
        $this->ask('PATCH', '/api/plates/'.$second['id'], ['frameId' => $frame]);
        self::assertContains('reclaim', $this->plate($id, 1)['frameFirst']);
        self::assertSame(
            'burnedSeconds',
            $this->ask('PATCH', '/api/plates/'.$second['id'], ['burnedSeconds' => 20], 422)['errors'][0]['field'],
        );
    }

    public function testWhatMustBeDoneNextFollowsTheScreen(): void
    {
        [$id, , $frame] = $this->jobWithFrames();
        $next = fn (): string => $this->ask('GET', "/api/jobs/$id")['next']['sentence'];
        $said = [$next()];
        $job = $this->ask('GET', "/api/jobs/$id");
        foreach ($job['plates'] as $plate) {
            $this->ask(
                'POST',
                '/api/frames/'.$plate['frameId'].'/coat',
                $plate['frameId'] === $frame ? [] : ['coatedAt' => (new \DateTimeImmutable('yesterday 8:00'))->format('Y-m-d\TH:i')],
            );
        }
        $said[] = $next();
        // The frames after it were coated since; all of them are taken back, and coated as of yesterday.
        for ($i = 0; $i < 3; ++$i) {
            $this->ask('POST', '/api/undo');
        }
        foreach ($job['plates'] as $plate) {
            $this->ask(
                'POST',
                '/api/frames/'.$plate['frameId'].'/coat',
                ['coatedAt' => (new \DateTimeImmutable('yesterday 8:00'))->format('Y-m-d\TH:i')],
            );
        }
        $said[] = $next();
        foreach ($job['plates'] as $plate) {
            $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 20]);
        }
        $said[] = $next();
        foreach ($job['plates'] as $plate) {
            $this->ask('PATCH', '/api/plates/'.$plate['id'], ['sinkCheck' => ['lostDots' => $plate['position'] === 1]]);
        }
        $said[] = $next();
        $this->ask('PATCH', '/api/plates/'.$job['plates'][1]['id'], ['sinkCheck' => ['pinholes' => true]]);
        $said[] = $next();
        foreach ([
            '/^Coat frame \S+ for /',
            '/still damp, until/',
            '/^Burn frame/',
            '/^Wash out frame .* look at Base white/',
            '/^The screen of Straw cannot go to the press/',
            '/^Print a strike-off/',
        ] as $i => $pattern) {
            self::assertMatchesRegularExpression($pattern, $said[$i]);
        }
    }

    public function testAStencilKeepsTheLampThatBurnedItWhenTheJobMovesUnderAnother(): void
    {
        [$id, $plate, $frame] = $this->jobWithFrames();
        $this->ask('POST', "/api/frames/$frame/coat", []);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 12]);
        $this->ask('PATCH', "/api/jobs/$id/tools", ['lampId' => 2]);
        $tubes = $this->plate($id, 1)['light']['value'];
        // Twelve seconds were right under the LED: they say nothing of the tubes, whose time is some minutes.
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['sinkCheck' => ['scum' => false]]);
        self::assertEqualsWithDelta(log($tubes), log($this->plate($id, 1)['light']['value']), 0.1);
    }

    public function testTheTimeIsThatOfTheEmulsionOnTheScreen(): void
    {
        [$id, $plate, $frame] = $this->jobWithFrames();
        $before = $plate['light']['value'];
        $this->ask('POST', "/api/frames/$frame/coat", ['emulsionId' => 2]);
        $coated = $this->plate($id, 0)['light'];
        self::assertStringContainsString('emulsion Quick photopolymer', implode(' ', $coated['inputs']));
        self::assertLessThan(0.8 * $before, $coated['value'], 'a photopolymer is much faster');
        self::assertStringContainsString('emulsion Harbour dual-cure', implode(' ', $this->plate($id, 1)['light']['inputs']));
    }

    public function testAGaugeReadingGoesWithTheStencilThatItWasTakenOn(): void
    {
        [$id, $plate, $frame] = $this->jobWithFrames();
        $this->ask('POST', "/api/frames/$frame/coat", []);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['gaugedEomUm' => 25.0]);
        $this->ask('POST', "/api/frames/$frame/reclaim", ['came' => 'clean']);
        self::assertNull($this->plate($id, 0)['gaugedEomUm']);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['beforeLight' => ['done' => 'film dry', 'on' => true]]);
        self::assertSame('bare', $this->ask('GET', "/api/frames/$frame")['frame']['state'], 'bare mesh stays bare');
        // The card is taken back first, then the reclaiming.
        $this->ask('POST', '/api/undo');
        $this->ask('POST', '/api/undo');
        self::assertSame(25.0, (float) ($this->ask('GET', "/api/frames/$frame")['stencil']['gaugedEomUm'] ?? 0));
        self::assertSame(25.0, (float) $this->plate($id, 0)['gaugedEomUm']);
    }

    public function testUndoGoesBackStepByStepAndNeverBurnsWhatWasCoatedSince(): void
    {
        [$id, $plate, $frame] = $this->jobWithFrames();
        $this->ask('POST', "/api/frames/$frame/coat", []);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 12]);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['sinkCheck' => ['lostDots' => true]]);
        $this->ask('POST', "/api/frames/$frame/reclaim", ['came' => 'clean', 'again' => true]);
        // Another page coats it anew; what was done from here before is not laid over that.
        $this->browser->setServerParameter('HTTP_X_PAGE', 'another page');
        $this->ask('POST', "/api/frames/$frame/coat", []);
        $this->browser->setServerParameter('HTTP_X_PAGE', 'test page');
        self::assertStringContainsString('and would be lost', $this->ask('POST', '/api/undo', null, 422)['detail']);
        $record = $this->ask('GET', "/api/frames/$frame");
        self::assertSame(['coated', null], [$record['frame']['state'], $record['stencil']['burnedSeconds']]);
        // Taken back there first, it can be taken back here.
        $this->browser->setServerParameter('HTTP_X_PAGE', 'another page');
        self::assertStringContainsString('coated', $this->ask('POST', '/api/undo')['what']);
        $this->browser->setServerParameter('HTTP_X_PAGE', 'test page');
        $this->ask('POST', '/api/undo');
        self::assertSame([12.0, true], [$this->plate($id, 0)['burnedSeconds'], $this->plate($id, 0)['sinkCheck']['lostDots']]);
    }

    /** A burned screen whose plate is moved to another frame and back is burned still, and what it taught stays. */
    public function testABurnedScreenStaysBurnedWhenItsPlateGoesAndComesBack(): void
    {
        [$id, $plate, $frame] = $this->jobWithFrames();
        $this->ask('POST', "/api/frames/$frame/coat", []);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 12]);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['sinkCheck' => ['scum' => true]]);
        $taught = $this->plate($id, 1)['light'];
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['frameId' => $this->frameLabelled('24')]);
        self::assertNull($this->plate($id, 0)['burnedSeconds'], 'the other frame is bare');
        self::assertSame($taught, $this->plate($id, 1)['light'], 'the screen stands in the rack with what was seen on it');
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['frameId' => $frame]);
        $back = $this->plate($id, 0);
        self::assertSame([12.0, true], [$back['burnedSeconds'], $back['sinkCheck']['scum']]);
        self::assertSame($taught, $this->plate($id, 1)['light']);
        $record = $this->ask('GET', "/api/frames/$frame");
        self::assertSame(['burned', 12.0], [$record['frame']['state'], $record['stencil']['burnedSeconds']]);
        self::assertStringNotContainsString('not burned after all', (string) json_encode($record['record']));
    }

    public function testTheGaugesSayThatTheyAreSimulatedAndKeepNothing(): void
    {
        [$id, $plate, $frame] = $this->jobWithFrames();
        self::assertSame('none', $this->ask('GET', "/api/frames/$frame/gauge")['eomUm'] ?? 'none', 'bare mesh');
        $this->ask('POST', "/api/frames/$frame/coat", []);
        $before = $this->ask('GET', "/api/frames/$frame");
        $read = $this->ask('GET', "/api/frames/$frame/gauge");
        self::assertSame($read, $this->ask('GET', "/api/frames/$frame/gauge"), 'the same again');
        $after = $this->ask('GET', "/api/frames/$frame");
        // It dries while the two are asked.
        self::assertEqualsWithDelta($before['stencil']['dampForMin'], $after['stencil']['dampForMin'], 1.0);
        unset($before['stencil']['dampForMin'], $after['stencil']['dampForMin']);
        self::assertSame($before, $after);
        self::assertStringContainsString('simulated', $read['device'].' '.$read['thicknessDevice']);
        $kept = $this->ask('POST', "/api/frames/$frame/tension", ['along' => $read['along'], 'across' => $read['across']], 201);
        self::assertEqualsWithDelta($before['frame']['tensionNPerCm'], $kept['frame']['tensionNPerCm'], 0.5);
        $stencil = $this->plate($id, 0)['stencil'];
        self::assertEqualsWithDelta(log($stencil['value']), log($read['eomUm']), 0.4);
        self::assertSame(
            $read['eomUm'],
            $this->ask('PATCH', '/api/plates/'.$plate['id'], ['gaugedEomUm' => $read['eomUm']])['plates'][0]['stencil']['value'],
        );
    }

    public function testInkWantedAndTonesAreWeighed(): void
    {
        [, $plate] = $this->jobWithFrames();
        $job = $this->ask('PATCH', '/api/plates/'.$plate['id'], ['depositUm' => 60, 'frameId' => 0]);
        self::assertStringContainsString('where 60 are wanted', $job['plates'][0]['meshes'][0]['why']);
        self::assertGreaterThan(
            $plate['meshes'][0]['mesh']['volumeCm3M2'],
            $job['plates'][0]['meshes'][0]['mesh']['volumeCm3M2'],
            'more ink, coarser mesh',
        );
        self::assertSame('tones', $this->ask('PATCH', '/api/plates/'.$plate['id'], ['tones' => [0.9, 0.1]], 422)['errors'][0]['field']);
        $job = $this->ask('PATCH', '/api/plates/'.$plate['id'], ['depositUm' => 0, 'lpi' => 40, 'tones' => [0.05, 0.9]]);
        self::assertStringContainsString('tones from', $job['plates'][0]['meshes'][0]['why']);
    }

    public function testTheAirOfTheRoomMovesTheDryingTimes(): void
    {
        [$id] = $this->jobWithFrames();
        $hours = fn (): float => $this->plate($id, 0)['coat']['dryHours']['value'];
        $before = $hours();
        $plan = $this->ask('PATCH', '/api/darkroom/room', ['temperatureC' => 16, 'humidityPct' => 73]);
        self::assertStringContainsString('underexpose', $plan['room']['caution']);
        self::assertNotNull($plan['room']['readAt']);
        // (1 − RH) halves from 54 % to 27 %; 7 K colder, at twice for 12 K.
        self::assertEqualsWithDelta($before * 2 * 2 ** (7 / 12), $hours(), 1e-6);
        $this->ask('PATCH', '/api/darkroom/room', ['rulingDivisor' => 4]);
        self::assertEqualsWithDelta(
            5 / 4,
            $this->ask(
                'GET',
                '/api/plates/'.$this->plate($id, 0)['id'].'/moire',
            )['ceilingLpi'] / ($this->plate($id, 0)['meshGeometry']['threadsPerCm'] * 2.54 / 5),
            0.01,
        );
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, string}> */
    public static function whatCannotBe(): iterable
    {
        $frame = [
            'label' => 'X1',
            'threadsPerCm' => 77,
            'threadUm' => 55,
            'insideWidthMm' => 460,
            'insideHeightMm' => 560,
            'tensionNPerCm' => 22,
        ];
        yield 'thread thicker than the pitch' => ['POST', '/api/shop/frames', ['threadUm' => 140] + $frame, 'threadUm'];
        yield 'no tension' => ['POST', '/api/shop/frames', ['tensionNPerCm' => 0] + $frame, 'tensionNPerCm'];
        yield 'tension of 90' => ['POST', '/api/shop/frames', ['tensionNPerCm' => 90] + $frame, 'tensionNPerCm'];
        yield 'the same label twice' => ['POST', '/api/shop/frames', ['label' => '7'] + $frame, 'label'];
        yield 'stretched tomorrow' => ['POST', '/api/shop/frames', ['stretchedOn' => '2199-01-01'] + $frame, 'stretchedOn'];
        yield 'smaller outside than inside' => ['POST', '/api/shop/frames', ['outsideWidthMm' => 400] + $frame, 'outsideWidthMm'];
        yield 'mixed tomorrow' => ['POST', '/api/shop/emulsions', ['name' => 'N', 'kind' => 'diazo', 'mixedOn' => '2199-01-01'], 'mixedOn'];
        yield 'capillary film without a thickness' => [
            'POST',
            '/api/shop/emulsions',
            ['name' => 'N', 'kind' => 'capillary_film'],
            'filmUm',
        ];
        yield 'opening wider than the pitch' => [
            'POST',
            '/api/shop/meshes',
            ['threadsPerCm' => 77, 'threadUm' => 55, 'openingUm' => 131],
            'openingUm',
        ];
        yield 'humidity of 130 %' => ['PATCH', '/api/darkroom/room', ['humidityPct' => 130], 'humidityPct'];
        yield 'closes before it opens' => ['PATCH', '/api/darkroom/room', ['opensH' => 18, 'closesH' => 8], 'closesH'];
        yield 'a divisor of no school' => ['PATCH', '/api/darkroom/room', ['rulingDivisor' => 3], 'rulingDivisor'];
        yield 'coated tomorrow' => ['POST', '/api/frames/1/coat', ['coatedAt' => '2199-01-01'], 'coatedAt'];
        yield 'coated before the emulsion was mixed' => [
            'POST',
            '/api/frames/1/coat',
            ['coatedAt' => '2026-03-01', 'emulsionId' => 1],
            'coatedAt',
        ];
        yield 'no coats' => ['POST', '/api/frames/1/coat', ['printCoats' => 0, 'squeegeeCoats' => 0], 'printCoats'];
        yield 'came off somehow' => ['POST', '/api/frames/1/reclaim', ['came' => 'somehow'], 'came'];
        yield 'stretched at 90' => ['POST', '/api/frames/1/stretch', ['tensionNPerCm' => 90], 'tensionNPerCm'];
        yield 'a reading of the mesh before' => [
            'POST',
            '/api/frames/1/tension',
            ['doneOn' => '2020-01-01', 'along' => [20, 20, 20, 20, 20], 'across' => [20, 20, 20, 20, 20]],
            'doneOn',
        ];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('whatCannotBe')]
    public function testItIsRefusedAtItsFieldAndNothingIsStored(string $method, string $path, array $body, string $field): void
    {
        $stand = fn (): array => [
            $this->ask('GET', '/api/shop'),
            $this->ask('GET', '/api/darkroom')['room'],
            $this->ask('GET', '/api/frames/1'),
        ];
        $before = $stand();
        $problem = $this->ask($method, $path, $body, 422);
        self::assertSame($field, $problem['errors'][0]['field']);
        self::assertGreaterThan(30, \strlen((string) $problem['detail']));
        self::assertSame($before, $stand());
    }

    public function testAPrintThatIsLargerThanTheFrameIsRefused(): void
    {
        $banner = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 4"><rect x="1" y="1" width="20" height="2" fill="#f0e2b0"/></svg>';
        $id = $this->bring($banner, ['widthMm' => '420'])['id'];
        $this->work();
        $plate = $this->plate($id, 0);
        $problem = $this->ask('PATCH', '/api/plates/'.$plate['id'], ['frameId' => $this->frameLabelled('22')], 422);
        self::assertSame('frameId', $problem['errors'][0]['field']);
        self::assertStringContainsString('does not go on it', $problem['detail']);
        self::assertNull($this->plate($id, 0)['frameId']);
    }

    /** @return array{int, array<mixed>, int} job, its first plate, and the frame of that */
    private function jobWithFrames(): array
    {
        $id = $this->twoDotsOnFrames();
        $plate = $this->plate($id, 0);

        return [$id, $plate, $plate['frameId']];
    }

    /** @return array<mixed> */
    private function plate(int $job, int $position): array
    {
        return $this->ask('GET', "/api/jobs/$job")['plates'][$position];
    }

    private function frameLabelled(string $label): int
    {
        return array_column($this->ask('GET', '/api/shop')['frames'], 'id', 'label')[$label];
    }
}
