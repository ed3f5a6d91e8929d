<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

/** Frames over time, and frames for a whole job, through the API. */
final class RackTest extends ShopTestCase
{
    public function testATrendComesOutOfReadingsAndWhatCannotBeIsRefused(): void
    {
        $frame = $this->ask(
            'POST',
            '/api/shop/frames',
            [
                'label' => 'T1',
                'threadsPerCm' => 77,
                'threadUm' => 55,
                'insideWidthMm' => 460,
                'insideHeightMm' => 560,
                'tensionNPerCm' => 24,
            ],
            201,
        )['frames'];
        $id = array_values(array_filter($frame, static fn (array $f): bool => $f['label'] === 'T1'))[0]['id'];
        $record = $this->ask('GET', "/api/frames/$id");
        self::assertNull($record['perMonth'], 'nobody can tell yet');
        // A straight fall of 0.02 N/cm a day, read every 40 days; the tension falls below 15 where the line says.
        $start = new \DateTimeImmutable('-200 days');
        for ($i = 0; $i <= 5; ++$i) {
            $mean = 22 - 0.02 * 40 * $i;
            $record = $this->ask(
                'POST',
                "/api/frames/$id/tension",
                [
                    'doneOn' => $start->modify(\sprintf('+%d days', 40 * $i))->format('Y-m-d'),
                    'along' => [$mean + 0.2, $mean + 0.1, $mean, $mean - 0.1, $mean - 0.2],
                    'across' => array_fill(0, 5, $mean),
                ],
                201,
            );
        }
        self::assertCount(6, $record['readings']);
        self::assertEqualsWithDelta(18.0, $record['tension']['value'], 1e-6, 'the last reading is its tension');
        self::assertEqualsWithDelta(-0.02 * 30.44, $record['perMonth'], 0.001);
        self::assertSame($start->modify('+350 days')->format('Y-m-d'), $record['belowOn']);
        self::assertSame('measured', $record['tension']['sign']);

        // An older reading that comes late does not change the tension of today; an uneven one is marked.
        $record = $this->ask(
            'POST',
            "/api/frames/$id/tension",
            ['doneOn' => $start->modify('-10 days')->format('Y-m-d'), 'along' => array_fill(0, 5, 25), 'across' => array_fill(0, 5, 25)],
            201,
        );
        self::assertEqualsWithDelta(18.0, $record['tension']['value'], 1e-6);
        $record = $this->ask('POST', "/api/frames/$id/tension", ['along' => [15, 18, 18, 18, 18], 'across' => array_fill(0, 5, 18)], 201);
        self::assertSame('out_of_bounds', $record['tension']['sign']);
        self::assertCount(8, $record['readings']);

        foreach ([
            [['along' => [0, 20, 20, 20, 20], 'across' => array_fill(0, 5, 20)], 'along[0]'],
            [['along' => array_fill(0, 5, 20), 'across' => [20, 20]], 'across'],
            [['along' => array_fill(0, 5, 20), 'across' => array_fill(0, 5, 20), 'doneOn' => '2199-01-01'], 'doneOn'],
            [['along' => array_fill(0, 5, 20), 'across' => array_fill(0, 5, 20), 'doneOn' => 'yesterday'], 'doneOn'],
        ] as [$body, $field]) {
            self::assertSame($field, $this->ask('POST', "/api/frames/$id/tension", $body, 422)['errors'][0]['field']);
        }
        self::assertCount(8, $this->ask('GET', "/api/frames/$id")['readings'], 'nothing of it was stored');
        self::assertSame('to reclaim', $this->ask('PATCH', "/api/frames/$id", ['state' => 'to reclaim'])['frame']['state']);
        self::assertSame('state', $this->ask('PATCH', "/api/frames/$id", ['state' => 'lost'], 422)['errors'][0]['field']);
    }

    public function testAJobGetsItsFramesAtOnceAndNoneOfAnotherJob(): void
    {
        $first = $this->bring(self::twoDots())['id'];
        $second = $this->bring(self::twoDots(), ['name' => 'Second'])['id'];
        $this->work();
        $this->work();
        $taken = [];
        foreach ([$first, $second] as $id) {
            $job = $this->ask('POST', "/api/jobs/$id/frames");
            $frames = array_column($job['plates'], 'frameId');
            self::assertNotContains(null, $frames);
            self::assertSame([], array_intersect($frames, $taken));
            self::assertCount(3, array_unique($frames));
            array_push($taken, ...$frames);
            $tension = array_column($this->ask('GET', '/api/shop')['frames'], 'tensionNPerCm', 'id');
            $of = array_map(static fn (int $f): float => $tension[$f], $frames);
            self::assertNotEmpty($of);
            self::assertLessThanOrEqual(3.0 + 1e-6, max($of) - min($of));
        }
        // A burned screen keeps its frame when the others are chosen anew.
        $plate = $this->ask('GET', "/api/jobs/$first")['plates'][1];
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 20]);
        self::assertSame($plate['frameId'], $this->ask('POST', "/api/jobs/$first/frames")['plates'][1]['frameId']);
        self::assertNotNull($this->undo($first)['plates'][0]['frameId']);
        // A print wider than every frame: said, and nothing changed.
        $this->ask('PATCH', "/api/jobs/$second/size", ['widthMm' => 900]);
        self::assertStringContainsString('No frame for', $this->ask('POST', "/api/jobs/$second/frames", null, 422)['detail']);
    }

    /** A frame that suits badly is taken with its reason, and once it is coated what comes after is next. */
    public function testABadChoiceIsTakenWithItsReasonAndTheNextStepGoesOn(): void
    {
        $id = $this->bring('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 40"><rect x="5" y="5" width="20" height="30" fill="#b84a30"/><rect x="30" y="18" width="25" height="0.2" fill="#b84a30"/></svg>', ['garmentHex' => '#ffffff'])['id'];
        $this->work();
        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][0]['id'];
        $bad = array_values(array_filter(
            $this->ask('GET', '/api/shop')['frames'],
            static fn (array $f): bool => $f['state'] === 'bare' && $f['mesh']['threadsPerCm'] < 45 && $f['tensionNPerCm'] > 16,
        ))[0]['id'];
        $this->ask('PATCH', "/api/plates/$plate", ['frameId' => $bad]);
        $next = $this->ask('GET', "/api/jobs/$id")['next'];
        self::assertStringContainsString('suits Harbour rust badly: its mesh does not hold the finest of it', $next['sentence']);
        self::assertStringContainsString('or go on with it', $next['sentence']);
        self::assertSame('out', $this->ask('GET', "/api/jobs/$id")['plates'][0]['stages']['screens']);
        $this->ask('POST', "/api/frames/$bad/coat", []);
        $next = $this->ask('GET', "/api/jobs/$id")['next'];
        self::assertSame('light', $next['stage'], $next['sentence']);
        self::assertSame('out', $this->ask('GET', "/api/jobs/$id")['plates'][0]['stages']['screens'], 'the mark stays');
    }
}
