<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

/** A job through the API, from its picture to knob turns. */
final class JobTest extends ShopTestCase
{
    protected const BENCHES = ['art/bench', 'plates', 'screens', 'light', 'press', 'films'];

    public function testAPictureBecomesPlatesFilmsScreensAndTurns(): void
    {
        $job = $this->bring(self::twoDots());
        self::assertSame('waiting', $job['task']['state']);
        $id = $job['id'];
        $this->work();

        $job = $this->ask('GET', "/api/jobs/$id");
        self::assertNull($job['task']);
        self::assertSame(['base', 'colour', 'colour'], array_column($job['plates'], 'role'));
        self::assertSame(['Base white', 'Straw', 'Harbour rust'], array_column($job['plates'], 'name'));
        self::assertEqualsWithDelta(\M_PI * 1.96, $job['plates'][1]['areaCm2'], 0.02, 'a disc of 14 mm radius');
        self::assertEqualsWithDelta(4.48, $job['plates'][2]['areaCm2'], 0.02);
        self::assertSame('films', $job['next']['stage']);

        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        $job = $this->ask('GET', "/api/jobs/$id");
        self::assertTrue($job['filmsCurrent']);
        foreach (['films.zip' => 'PK', 'films.pdf' => '%PDF', '01-base-white.png' => "\x89PNG", 'manifest.json' => '{'] as $file => $head) {
            $this->browser->request('GET', "/api/jobs/$id/films/$file");
            self::assertStringStartsWith($head, (string) $this->browser->getResponse()->getContent(), $file);
        }
        self::assertSame('screens', $job['next']['stage']);

        foreach ($job['plates'] as $plate) {
            $frames = $this->framesFor($plate['id']);
            $job = $this->ask('PATCH', '/api/plates/'.$plate['id'], ['frameId' => $frames[0]['id']]);
            self::assertSame($frames[0]['label'], $job['plates'][$plate['position']]['frameLabel']);
        }
        self::assertSame('screens', $job['next']['stage'], 'bare mesh is coated first');
        foreach ($job['plates'] as $plate) {
            $this->ask(
                'POST',
                '/api/frames/'.$plate['frameId'].'/coat',
                ['coatedAt' => (new \DateTimeImmutable('yesterday 9:00'))->format('Y-m-d\TH:i')],
            );
        }
        $job = $this->ask('GET', "/api/jobs/$id");
        self::assertSame('light', $job['next']['stage']);
        foreach ($job['plates'] as $plate) {
            $job = $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => $plate['light']['value']]);
            self::assertSame('measured', $job['plates'][$plate['position']]['light']['sign']);
        }
        self::assertStringStartsWith('Wash out frame', $job['next']['sentence']);
        foreach ($job['plates'] as $plate) {
            $job = $this->ask('PATCH', '/api/plates/'.$plate['id'], ['sinkCheck' => ['pinholes' => true]]);
        }
        self::assertSame('press', $job['next']['stage']);

        $readings = array_map(
            static fn (array $m): array => [
                'mark' => $m['name'],
                'at' => ['xMm' => $m['xMm'], 'yMm' => $m['yMm']],
                'off' => ['xMm' => 0.4 - 0.002 * $m['yMm'], 'yMm' => -0.4 + 0.002 * $m['xMm']],
            ],
            $job['marks'],
        );
        $job = $this->ask('PATCH', '/api/plates/'.$job['plates'][1]['id'], ['prints' => array_fill(0, 3, ['readings' => $readings])]);
        $register = $job['plates'][1]['register'];
        self::assertFalse($register['inRegister']);
        self::assertSame([], $register['doubts']);
        self::assertTrue($register['willBeInTolerance']);
        self::assertCount(3, $register['mending']['turns']);
        self::assertEqualsWithDelta(rad2deg(0.002), $register['misfit']['rotationDeg'], 1e-6);
        self::assertSame('out', $job['plates'][1]['stages']['press']);
    }

    public function testAChangedGarmentAsksForNewPlatesAndKeepsWhatWasDecided(): void
    {
        $id = $this->twoDotsSeparated();
        $job = $this->ask('GET', "/api/jobs/$id");
        $straw = $job['plates'][1];
        $this->ask('PATCH', '/api/plates/'.$straw['id'], ['frameId' => $this->framesFor($straw['id'])[0]['id']]);
        $job = $this->ask('PATCH', "/api/jobs/$id/order", ['garmentHex' => '#ffffff', 'garmentName' => 'white']);
        self::assertFalse($job['separationCurrent']);
        self::assertSame('separate', $job['next']['does']);
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        $job = $this->ask('GET', "/api/jobs/$id");
        self::assertSame(['Straw', 'Harbour rust'], array_column($job['plates'], 'name'), 'white cloth takes no base');
        self::assertSame($this->framesFor($straw['id'])[0]['label'], $job['plates'][0]['frameLabel']);
        self::assertTrue($job['separationCurrent']);
    }

    /** 0.8 mm read in inches looks as if it were in register: the page says so before anybody prints. */
    public function testReadingsInTheOtherUnitAreDoubted(): void
    {
        $id = $this->twoDotsOnFrames();
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][1];
        $readings = [
            ['mark' => 'top', 'at' => ['xMm' => 0, 'yMm' => 28], 'off' => ['xMm' => 0.031, 'yMm' => 0]],
            ['mark' => 'bottom', 'at' => ['xMm' => 0, 'yMm' => -28], 'off' => ['xMm' => 0.031, 'yMm' => 0.002]],
        ];
        $job = $this->ask('PATCH', '/api/plates/'.$plate['id'], ['prints' => [['readings' => $readings]]]);
        self::assertTrue($job['plates'][1]['register']['inRegister']);
        self::assertStringContainsString('If they were inches, the plate is 0.8 mm off', $job['plates'][1]['register']['doubts'][0] ?? '');
    }

    public function testEveryChangeIsUndone(): void
    {
        $id = $this->twoDotsSeparated();
        $before = $this->ask('GET', "/api/jobs/$id");
        $plates = array_column($before['plates'], 'id');
        $this->ask('PATCH', "/api/jobs/$id/press", ['order' => [$plates[0], $plates[2], $plates[1]]]);
        $this->ask('PATCH', "/api/jobs/$id/order", ['garmentHex' => '#ffffff']);
        $this->ask('PATCH', '/api/plates/'.$plates[1], ['frameId' => $this->framesFor($before['plates'][1]['id'])[0]['id']]);
        // Separating again on white drops the base: undo brings the plate back too.
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        self::assertCount(2, $this->ask('GET', "/api/jobs/$id")['plates']);
        // Order, garment, frame, and the separation on white.
        for ($i = 0; $i < 4; ++$i) {
            $this->undo($id);
        }
        $after = $this->ask('GET', "/api/jobs/$id");
        self::assertSame(array_column($before['plates'], 'name'), array_column($after['plates'], 'name'));
        self::assertSame($before['pullKey'], $after['pullKey'], 'the print looks as it did');
        self::assertSame([$before['garmentHex'], $before['widthMm']], [$after['garmentHex'], $after['widthMm']]);
        // And all of it again.
        for ($i = 0; $i < 4; ++$i) {
            $this->ask('POST', '/api/redo');
        }
        self::assertSame(
            ['Straw', 'Harbour rust'],
            array_values(array_intersect(['Straw', 'Harbour rust'], array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'name'))),
        );
        self::assertCount(2, $this->ask('GET', "/api/jobs/$id")['plates']);
        self::assertStringContainsString('nothing to do again', $this->ask('POST', '/api/redo', null, 422)['detail']);
    }

    public function testAnInkIsProposedOnlyWhereTheShelfHasOneNear(): void
    {
        $id = $this->bring('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 40"><rect x="5" y="5" width="20" height="30" fill="#f2e6bc"/><rect x="35" y="5" width="20" height="30" fill="#f080c8"/></svg>')['id'];
        $this->work();
        $plates = array_column($this->ask('GET', "/api/jobs/$id")['plates'], null, 'hex');
        self::assertSame('Straw', $plates['#f2e6bc']['inkName']);
        self::assertLessThan(2, $plates['#f2e6bc']['inkDeltaE']);
        self::assertNull($plates['#f080c8']['inkId'], 'no pink stands on the shelf');
        self::assertSame('#f080c8', $plates['#f080c8']['inkHex'], 'so it shows the colour of the art');
    }

    public function testDraggingAStripMovesPlateFilmAndFlash(): void
    {
        $id = $this->twoDotsSeparated();
        $before = $this->ask('GET', "/api/jobs/$id");
        $plates = array_column($before['plates'], 'id');
        $job = $this->ask('PATCH', "/api/jobs/$id/press", ['order' => [$plates[0], $plates[2], $plates[1]]]);
        self::assertSame(['Base white', 'Harbour rust', 'Straw'], array_column($job['plates'], 'name'));
        self::assertStringContainsString('Out of the light-to-dark order', $job['plates'][2]['orderReason']);
        self::assertNotSame($before['pullKey'], $job['pullKey']);
        self::assertStringContainsString(
            'every plate of the job once',
            $this->ask('PATCH', "/api/jobs/$id/press", ['order' => [$plates[0]]], 422)['detail'],
        );
    }

    public function testThePullShowsTheInkOfTheLastPlate(): void
    {
        $id = $this->twoDotsSeparated();
        foreach ([1 => 'd', 3 => 'b'] as $stop => $digit) {
            $this->browser->request('GET', "/api/jobs/$id/pull/$stop.png");
            $picture = imagecreatefromstring((string) $this->browser->getResponse()->getContent());
            self::assertNotFalse($picture);
            // The middle of the rust bar: the base shows a white that has sunk into navy cloth, the last stop rust.
            $pixel = imagecolorat($picture, (int) (imagesx($picture) * 46 / 60), (int) (imagesy($picture) / 2));
            self::assertStringStartsWith($digit, \sprintf('%06x', $pixel & 0xFFFFFF));
            self::assertSame(127, imagecolorat($picture, 1, 1) >> 24, 'bare cloth is clear');
        }
        $this->browser->request('GET', "/api/jobs/$id/pull/9.png");
        self::assertResponseStatusCodeSame(404);
    }

    public function testRefusalsAreProblemDetailsAtTheirFieldAndStoreNothing(): void
    {
        $problem = $this->bring('no picture at all', [], 422);
        self::assertSame('art', $problem['errors'][0]['field']);
        self::assertSame('application/problem+json', $this->browser->getResponse()->headers->get('Content-Type'));
        $problem = $this->bring(self::twoDots(), ['widthMm' => 'wide'], 422);
        self::assertSame('widthMm', $problem['errors'][0]['field']);
        $this->bring(self::twoDots(), ['garmentHex' => 'navy'], 422);
        self::assertSame([], $this->ask('GET', '/api/jobs')['jobs']);
        self::assertSame([], (array) glob(self::data().'/files/art/*'));

        $id = $this->twoDotsSeparated();
        $job = $this->ask('GET', "/api/jobs/$id");
        foreach ([
            ['/size', ['widthMm' => 0]],
            ['/size', ['widthMm' => '290']],
            ['', ['dueOn' => '2026-02-30']],
            ['/order', ['substrate' => 'silk']],
            ['', ['name' => ' ']],
            ['', ['name' => str_repeat('x', 200)]],
            ['/tools', ['pressId' => 99]],
            ['/tools', []],
            ['', []],
        ] as [$what, $wrong]) {
            self::assertSame(422, $this->ask('PATCH', "/api/jobs/$id$what", $wrong, 422)['status']);
        }
        // One wrong field among right ones changes none of them.
        $this->ask('PATCH', "/api/jobs/$id/size", ['acrossMm' => 5, 'widthMm' => -1], 422);
        self::assertSame(0.0, (float) $this->ask('GET', "/api/jobs/$id")['acrossMm']);

        $frame = $this->framesFor($job['plates'][0]['id'])[0]['id'];
        $this->ask('PATCH', '/api/plates/'.$job['plates'][0]['id'], ['frameId' => $frame]);
        $problem = $this->ask('PATCH', '/api/plates/'.$job['plates'][1]['id'], ['frameId' => $frame], 422);
        self::assertStringContainsString('carries Base white', $problem['detail']);
        $this->ask('PATCH', '/api/plates/'.$job['plates'][1]['id'], ['burnedSeconds' => 20], 422);
        $twice = [
            ['mark' => 'a', 'at' => ['xMm' => 0, 'yMm' => 5], 'off' => ['xMm' => 0, 'yMm' => 0]],
            ['mark' => 'b', 'at' => ['xMm' => 0, 'yMm' => 5], 'off' => ['xMm' => 0, 'yMm' => 0]],
        ];
        self::assertStringContainsString(
            'same place',
            $this->ask('PATCH', '/api/plates/'.$job['plates'][1]['id'], ['prints' => [['readings' => $twice]]], 422)['detail'],
        );
        self::assertSame(404, $this->ask('GET', '/api/jobs/4711', null, 404)['status']);
    }

    public function testAFailedTaskSaysWhyAndRunsAgain(): void
    {
        $id = $this->bring(self::twoDots())['id'];
        [$art] = (array) glob(self::data().'/files/art/*');
        self::assertIsString($art);
        rename($art, $art.'.away');
        $this->work();
        $task = $this->ask('GET', "/api/jobs/$id")['task'];
        self::assertSame('failed', $task['state']);
        self::assertStringContainsString('There is no file', $task['failure']);
        rename($art.'.away', $art);
        $this->ask('POST', "/api/tasks/{$task['id']}/again", null, 202);
        $this->work();
        self::assertTrue($this->ask('GET', "/api/jobs/$id")['separated']);
    }

    public function testShelvesTakeWhatCanBeAndRefuseTheRest(): void
    {
        $right = [
            'inks' => ['name' => 'Fog', 'hex' => '#c4c6c6', 'kind' => 'plastisol', 'hidingPct' => 90],
            'frames' => [
                'label' => 'A1',
                'threadsPerCm' => 62,
                'threadUm' => 64,
                'dyed' => false,
                'insideWidthMm' => 400,
                'insideHeightMm' => 500,
                'tensionNPerCm' => 24,
            ],
            'lamps' => ['name' => 'Window', 'kind' => 'sun'],
            'emulsions' => ['name' => 'Red', 'kind' => 'diazo'],
            'presses' => [
                'name' => 'Bench',
                'kind' => 'hinge',
                'heads' => 1,
                'platens' => 1,
                'collarAtOperator' => false,
                'centreFromEndMm' => 250,
                'knobs' => [['name' => 'x', 'at' => ['xMm' => 0, 'yMm' => 300], 'pushes' => ['xMm' => 2, 'yMm' => 0], 'mmPerTurn' => 1]],
            ],
        ];
        $before = $this->ask('GET', '/api/shop');
        foreach ($right as $kind => $one) {
            $after = $this->ask('POST', "/api/shop/$kind", $one, 201);
            self::assertCount(\count($before[$kind]) + 1, $after[$kind], $kind);
            // The same name twice is refused, at its field.
            $twice = $this->ask('POST', "/api/shop/$kind", $one, 422);
            self::assertContains($twice['errors'][0]['field'], ['name', 'label']);
        }
        foreach (['threadUm' => 200, 'tensionNPerCm' => 90, 'insideWidthMm' => 'wide', 'label' => ''] as $field => $value) {
            $this->ask('POST', '/api/shop/frames', [...$right['frames'], 'label' => 'A2', $field => $value], 422);
        }
        $this->ask(
            'POST',
            '/api/shop/presses',
            [
                ...$right['presses'],
                'name' => 'Other',
                'knobs' => [['name' => 'x', 'at' => ['xMm' => 0, 'yMm' => 1], 'pushes' => ['xMm' => 0, 'yMm' => 0], 'mmPerTurn' => 1]],
            ],
            422,
        );
        $this->ask('POST', '/api/shop/spoons', ['name' => 'x'], 404);
        $now = $this->ask('GET', '/api/shop');
        self::assertCount(\count($before['frames']) + 1, $now['frames']);

        $frame = array_values(array_filter($now['frames'], static fn (array $f): bool => $f['label'] === 'A1'))[0]['id'];
        self::assertCount(\count($before['frames']), $this->ask('DELETE', "/api/shop/frames/$frame")['frames']);
        self::assertStringContainsString(
            'step tests',
            $this->ask('DELETE', '/api/shop/lamps/'.$before['lamps'][0]['id'], null, 422)['detail'],
        );
        $this->ask('DELETE', '/api/shop/frames/9999', null, 422);
    }

    public function testAStepTestMovesTheTimeAndItsInterval(): void
    {
        $id = $this->twoDotsSeparated();
        $before = $this->ask('GET', "/api/jobs/$id")['plates'][0];
        $test = $this->ask(
            'POST',
            '/api/step-tests',
            [
                'lampId' => 1,
                'emulsionId' => 1,
                'thicknessUm' => $before['meshGeometry']['thicknessUm'] + $before['stencil']['value'],
                'dyed' => false,
                'lowS' => 1.15 * $before['light']['value'],
                'bestS' => 1.2 * $before['light']['value'],
                'highS' => 1.25 * $before['light']['value'],
            ],
            201,
        );
        $after = $this->ask('GET', "/api/jobs/$id")['plates'][0]['light'];
        self::assertGreaterThan($before['light']['value'], $after['value'], 'pulled towards what was read');
        self::assertLessThan(log($before['light']['high'] / $before['light']['low']), log($after['high'] / $after['low']), 'and surer');
        $this->ask('POST', '/api/step-tests', ['lampId' => 1, 'emulsionId' => 1, 'thicknessUm' => 100, 'lowS' => 30, 'highS' => 20], 422);
        $this->ask('DELETE', '/api/step-tests/'.$test['id']);
        self::assertEqualsWithDelta($before['light']['value'], $this->ask('GET', "/api/jobs/$id")['plates'][0]['light']['value'], 1e-9);
    }
}
