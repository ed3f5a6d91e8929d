<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

/** From six answers a shop stands, every entry marked as assumed until it is measured. */
final class FirstMorningTest extends ShopTestCase
{
    private const ANSWERS = [
        'prints' => 'shirts',
        'press' => 'rotary',
        'heads' => 6,
        'platens' => 4,
        'knobs' => 'two along, one across',
        'lamp' => 'led',
        'emulsion' => 'dual_cure',
        'insideWidthMm' => 460,
        'insideHeightMm' => 560,
        'films' => 'inkjet, sheets',
        'frames' => [['count' => 3, 'threadsPerCm' => 43, 'threadUm' => 80], ['count' => 9, 'threadsPerCm' => 77, 'threadUm' => 55]],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        foreach (['stencil', 'tension_reading', 'frame_change', 'frame', 'step_test', 'lamp', 'emulsion', 'press', 'film_printer', 'ink', 'own_mesh'] as $table) {
            $this->connection()->executeStatement('DELETE FROM '.$table);
        }
    }

    public function testSixAnswersPutAWholeShopOnItsShelves(): void
    {
        $before = $this->ask('GET', '/api/morning');
        self::assertFalse($before['stands']);
        $shop = $this->ask('POST', '/api/morning', self::ANSWERS, 201);
        self::assertCount(12, $shop['frames']);
        self::assertEqualsCanonicalizing(array_map(strval(...), range(1, 12)), array_column($shop['frames'], 'label'));
        self::assertCount(6, $shop['inks']);
        foreach (['inks', 'frames', 'lamps', 'emulsions', 'presses', 'filmPrinters'] as $shelf) {
            self::assertNotEmpty($shop[$shelf]);
            self::assertSame([true], array_values(array_unique(array_column($shop[$shelf], 'assumed'))), $shelf);
        }
        self::assertCount(3, $shop['presses'][0]['knobs']);
        self::assertTrue($this->ask('GET', '/api/morning')['stands']);
        // One step back, and the shelves are bare again.
        $this->ask('POST', '/api/undo');
        self::assertSame([], $this->ask('GET', '/api/shop')['frames']);
    }

    public function testASecondEmulsionStandsBesideTheFirst(): void
    {
        $shop = $this->ask('POST', '/api/morning', ['secondEmulsion' => 'photopolymer', 'insideWidthMm' => 460] + self::ANSWERS, 201);
        self::assertSame(['dual_cure', 'photopolymer'], array_column($shop['emulsions'], 'kind'));
        self::assertSame([true, true], array_column($shop['emulsions'], 'assumed'));
    }

    public function testAJobBegunBeforeTheShopStoodTakesItsOnlyTools(): void
    {
        $job = $this->bring(self::twoDots());
        self::assertNull($job['lampId']);
        $this->ask('POST', '/api/morning', self::ANSWERS, 201);
        $job = $this->ask('GET', '/api/jobs/'.$job['id']);
        self::assertNotNull($job['lampId']);
        self::assertNotNull($job['emulsionId']);
        self::assertNotNull($job['pressId']);
    }

    public function testWhatIsMeasuredIsAssumedNoLonger(): void
    {
        $shop = $this->ask('POST', '/api/morning', self::ANSWERS, 201);
        [$frame, $lamp, $emulsion] = [$shop['frames'][0]['id'], $shop['lamps'][0]['id'], $shop['emulsions'][0]['id']];
        $this->ask('POST', "/api/frames/$frame/tension", ['along' => [21, 21, 21, 21, 21], 'across' => [21, 21, 21, 21, 21]], 201);
        $this->ask('POST', '/api/step-tests', ['lampId' => $lamp, 'emulsionId' => $emulsion, 'thicknessUm' => 100, 'lowS' => 10, 'highS' => 20], 201);
        $shop = $this->ask('GET', '/api/shop');
        $by = array_column($shop['frames'], 'assumed', 'id');
        self::assertFalse($by[$frame]);
        self::assertCount(11, array_keys($by, true, true));
        self::assertFalse($shop['lamps'][0]['assumed']);
        self::assertFalse($shop['emulsions'][0]['assumed']);
    }

    public function testAShopThatStandsIsNotOpenedAgain(): void
    {
        $this->ask('POST', '/api/morning', self::ANSWERS, 201);
        $refused = $this->ask('POST', '/api/morning', self::ANSWERS, 422);
        self::assertStringContainsString('stands already', $refused['detail']);
        self::assertCount(12, $this->ask('GET', '/api/shop')['frames']);
    }

    public function testAMeshWithoutAnOpeningIsRefusedAtItsRowAndNothingIsPutUp(): void
    {
        $answers = self::ANSWERS;
        $answers['frames'][1]['threadUm'] = 400;
        $refused = $this->ask('POST', '/api/morning', $answers, 422);
        self::assertStringContainsString('no opening for ink', $refused['detail']);
        self::assertStringStartsWith('frames[1]', $refused['errors'][0]['field']);
        self::assertSame([], $this->ask('GET', '/api/shop')['lamps']);
    }

    public function testFramesAlikeAreNumberedOnFromTheHighest(): void
    {
        $this->ask('POST', '/api/morning', self::ANSWERS, 201);
        $shop = $this->ask('POST', '/api/shop/frames/alike', ['count' => 3, 'threadsPerCm' => 120, 'threadUm' => 34, 'dyed' => true, 'insideWidthMm' => 460, 'insideHeightMm' => 560], 201);
        $fine = array_filter($shop['frames'], static fn (array $f): bool => (float) $f['mesh']['threadsPerCm'] === 120.0);
        self::assertEqualsCanonicalizing(['13', '14', '15'], array_column($fine, 'label'));
        $this->ask('POST', '/api/shop/frames/alike', ['count' => 0, 'threadsPerCm' => 120, 'threadUm' => 34, 'insideWidthMm' => 460, 'insideHeightMm' => 560], 422);
    }

    public function testTurningAKnobOnceTeachesThePressWhichWayItPushes(): void
    {
        $shop = $this->ask('POST', '/api/morning', self::ANSWERS, 201);
        $press = $shop['presses'][0]['id'];
        // The print moved 0.9 mm to the left everywhere: the side knob pushes that way, 0.9 mm a turn.
        $shop = $this->ask('POST', "/api/shop/presses/$press/knobs/2/turned", ['turns' => 1, 'marks' => [
            ['at' => ['xMm' => -120, 'yMm' => 0], 'by' => ['xMm' => -0.9, 'yMm' => 0]],
            ['at' => ['xMm' => 120, 'yMm' => 0], 'by' => ['xMm' => -0.9, 'yMm' => 0]],
        ]]);
        $side = $shop['presses'][0]['knobs'][2];
        self::assertEqualsWithDelta(-1.0, $side['pushes']['xMm'], 1e-9);
        self::assertEqualsWithDelta(0.9, $side['mmPerTurn'], 1e-9);
        $refused = $this->ask('POST', "/api/shop/presses/$press/knobs/2/turned", ['turns' => 1, 'marks' => [['at' => ['xMm' => 0, 'yMm' => 0], 'by' => ['xMm' => 0.01, 'yMm' => 0]]]], 422);
        self::assertStringContainsString('still locked', $refused['detail']);
    }
}
