<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

/** Two pages on one job: nobody writes unseen over what the other has just set; what they set apart from each other stands. */
final class TwoPagesTest extends ShopTestCase
{
    protected const BENCHES = ['art/bench', 'screens', 'press'];

    private int $id;
    private int $seen;

    protected function setUp(): void
    {
        parent::setUp();
        $this->id = $this->twoDotsSeparated();
        $this->seen = $this->job()['turn'];
        // The other page is quicker.
        $this->from('other page', null, 'PATCH', "/api/jobs/{$this->id}/size", ['widthMm' => 80]);
    }

    public function testWhatAnotherPageHasSetIsNotSetAgainUnseen(): void
    {
        $refused = $this->from('this page', $this->seen, 'PATCH', "/api/jobs/{$this->id}/size", ['widthMm' => 55], 422);
        self::assertStringContainsString('Another page has changed the same in the meantime', $refused['detail']);
        self::assertStringContainsString('give it again', $refused['detail']);
        self::assertSame(80.0, $this->job()['widthMm']);
        // Having looked, it may.
        $this->from('this page', $this->job()['turn'], 'PATCH', "/api/jobs/{$this->id}/size", ['widthMm' => 55]);
        self::assertSame(55.0, $this->job()['widthMm']);
    }

    public function testARefusedChangeLeavesNothingOfItBehind(): void
    {
        $this->from('this page', $this->seen, 'PATCH', "/api/jobs/{$this->id}/size", ['acrossMm' => 7, 'widthMm' => 55], 422);
        self::assertSame(0.0, (float) $this->job()['acrossMm'], 'all of it or none');
        self::assertSame('', $this->hand('this page')['undoes']);
    }

    /** A job that was thrown away cannot come back with a frame that is another's since. */
    public function testAFrameIsNeverGivenBackToTwo(): void
    {
        $this->ask('POST', "/api/jobs/{$this->id}/frames");
        $frame = $this->job()['plates'][0]['frameId'];
        $this->from('this page', null, 'DELETE', "/api/jobs/{$this->id}");
        $other = $this->bring(self::twoDots())['id'];
        $this->work();
        $plate = $this->ask('GET', "/api/jobs/$other")['plates'][0]['id'];
        $this->from('other page', null, 'PATCH', "/api/plates/$plate", ['frameId' => $frame]);
        $refused = $this->from('this page', null, 'POST', '/api/undo', [], 422);
        self::assertStringContainsString('another', $refused['detail']);
        self::assertSame($frame, $this->ask('GET', "/api/jobs/$other")['plates'][0]['frameId']);
    }

    public function testOtherValuesOfTheSameJobAreSetByBoth(): void
    {
        $this->from('this page', $this->seen, 'PATCH', "/api/jobs/{$this->id}", ['name' => 'Moth']);
        $this->from('this page', $this->seen, 'PATCH', "/api/jobs/{$this->id}/press", ['toleranceMm' => 0.3]);
        $job = $this->job();
        self::assertSame(['Moth', 80.0, 0.3], [$job['name'], $job['widthMm'], $job['toleranceMm']]);
    }

    /** Each field of a plan, and of what a hand has set for a plate, is a value of its own. */
    public function testOneFieldOfAPlanOrOfAHandIsNotSetAgainUnseen(): void
    {
        $this->from('other page', null, 'PATCH', "/api/jobs/{$this->id}/plan", ['chokeMm' => 0.3]);
        $plate = $this->job()['plates'][0]['id'];
        $seen = $this->job()['turn'];
        $this->from('other page', null, 'PATCH', "/api/jobs/{$this->id}/plan", ['chokeMm' => 0.4]);
        $this->from('other page', null, 'PATCH', "/api/plates/$plate/print", ['laying' => 'two strokes']);
        $this->from('this page', $seen, 'PATCH', "/api/jobs/{$this->id}/plan", ['trapMm' => 0.1]);
        $this->from('this page', $seen, 'PATCH', "/api/plates/$plate/print", ['angleDeg' => 80]);
        foreach ([["/api/jobs/{$this->id}/plan", ['chokeMm' => 0.2]], ["/api/plates/$plate/print", ['laying' => 'one stroke']]] as [$path, $body]) {
            $refused = $this->from('this page', $seen, 'PATCH', $path, $body, 422);
            self::assertStringContainsString('Another page has changed the same in the meantime', $refused['detail']);
        }
        $plan = $this->job()['plan'];
        self::assertSame([0.4, 0.1], [$plan['chokeMm'], $plan['trapMm']]);
    }

    public function testItsOwnChangesNeverStandInAPagesWay(): void
    {
        foreach ([70, 75, 77] as $width) {
            $this->from('other page', $this->seen, 'PATCH', "/api/jobs/{$this->id}/size", ['widthMm' => $width]);
        }
        self::assertSame(77.0, $this->job()['widthMm']);
    }

    public function testWhatTheOtherTookBackStandsInNobodysWay(): void
    {
        $this->from('other page', null, 'POST', '/api/undo');
        $this->from('this page', $this->seen, 'PATCH', "/api/jobs/{$this->id}/size", ['widthMm' => 55]);
        self::assertSame(55.0, $this->job()['widthMm']);
    }

    public function testOneFrameIsNotTakenFromThePlateThatJustGotIt(): void
    {
        $plate = $this->job()['plates'][1]['id'];
        $seen = $this->job()['turn'];
        [$one, $two] = \array_slice(array_column($this->ask('GET', '/api/shop')['frames'], 'id'), 5, 2);
        $this->from('other page', $seen, 'PATCH', "/api/plates/$plate", ['frameId' => $one]);
        $this->from('this page', $seen, 'PATCH', "/api/plates/$plate", ['frameId' => $two], 422);
        $this->from('this page', null, 'PATCH', "/api/plates/$plate", ['frameId' => $two]);
    }

    /** What is kept as a plan grows under the lock: two decisions on two colours are both kept, however stale the pages. */
    public function testTwoDecisionsOnColoursAreBothKept(): void
    {
        $hexes = array_column(\array_slice($this->job()['plates'], 1), 'artHex');
        $this->from('other page', $this->seen, 'PATCH', "/api/jobs/{$this->id}/colours", ['overprint' => ['hex' => $hexes[0], 'on' => true]]);
        $this->from('this page', $this->seen, 'PATCH', "/api/jobs/{$this->id}/colours", ['thicken' => ['hex' => $hexes[1], 'mm' => 0.2]]);
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('shelves')]
    public function testNoShelfIsWrittenOverUnseen(string $kind, array $body, string $field, string|float $theirs, string|float $ours): void
    {
        $list = ['printers' => 'filmPrinters', 'meshes' => 'ownMeshes'][$kind] ?? $kind;
        $this->from('this page', null, 'POST', "/api/shop/$kind", $body, 201);
        $id = max([0, ...array_column($this->ask('GET', '/api/shop')[$list], 'id')]);
        $this->ask('GET', '/api/shop');
        $seen = (string) $this->browser->getResponse()->headers->get('X-Turn');
        self::assertMatchesRegularExpression('/^\d+$/', $seen);
        $this->from('other page', $seen, 'PUT', "/api/shop/$kind/$id", [$field => $theirs] + $body);
        $after = $this->ask('GET', '/api/shop')[$list];
        // Another value of the same thing: told whole, it would put the other's back.
        $refused = $this->from('this page', $seen, 'PUT', "/api/shop/$kind/$id", $body, 422);
        self::assertStringContainsString('Another page has changed the same', $refused['detail']);
        $this->from('this page', $seen, 'PUT', "/api/shop/$kind/$id", [$field => $ours] + $body, 422);
        $this->from('this page', $seen, 'DELETE', "/api/shop/$kind/$id", null, 422);
        self::assertSame($after, $this->ask('GET', '/api/shop')[$list]);
        $this->from('this page', $this->turn(), 'PUT', "/api/shop/$kind/$id", [$field => $ours] + $body);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string, string|float, string|float}> */
    public static function shelves(): iterable
    {
        yield 'inks' => ['inks', ['name' => 'Fog', 'hex' => '#c4c6c6', 'kind' => 'plastisol', 'hidingPct' => 90], 'hidingPct', 80, 70];
        yield 'frames' => ['frames', ['label' => 'A1', 'threadsPerCm' => 62, 'threadUm' => 64, 'dyed' => false, 'insideWidthMm' => 400, 'insideHeightMm' => 500, 'tensionNPerCm' => 24], 'insideWidthMm', 410, 420];
        yield 'lamps' => ['lamps', ['name' => 'Window', 'kind' => 'sun'], 'name', 'Skylight', 'Yard'];
        yield 'emulsions' => ['emulsions', ['name' => 'Blue', 'kind' => 'diazo'], 'kind', 'dual_cure', 'photopolymer'];
        yield 'presses' => ['presses', ['name' => 'Bench', 'kind' => 'hinge', 'heads' => 1, 'platens' => 1, 'collarAtOperator' => false, 'centreFromEndMm' => 250, 'knobs' => [['name' => 'x', 'at' => ['xMm' => 0, 'yMm' => 300], 'pushes' => ['xMm' => 2, 'yMm' => 0], 'mmPerTurn' => 1]]], 'centreFromEndMm', 260, 270];
        yield 'printers' => ['printers', ['name' => 'Small laser', 'dpi' => 600, 'mediaWidthMm' => 210], 'dpi', 1200, 300];
    }

    public function testAPageThatSleptTooLongIsToldToLookAgain(): void
    {
        $this->connection()->executeStatement('WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 600) INSERT INTO shop_change (page, made_at, undone, turn, what, "rows", parts) SELECT \'x\', \'2026-01-01 00:00:00\', 0, 5000 + i, \'x\', \'[]\', \'[]\' FROM n');
        $this->connection()->executeStatement('DELETE FROM shop_change WHERE turn < 5000');
        $refused = $this->from('this page', $this->seen, 'PATCH', "/api/jobs/{$this->id}/order", ['quantity' => 12], 422);
        self::assertStringContainsString('asleep', $refused['detail']);
    }

    private function turn(): int
    {
        $turn = $this->ask('GET', '/api/now')['turn'];
        self::assertIsInt($turn);

        return $turn;
    }

    public function testASeenThatIsNoNumberIsNotAsked(): void
    {
        foreach (['-1', '1e3', 'all', str_repeat('9', 40)] as $i => $seen) {
            $this->from('this page', $seen, 'PATCH', "/api/jobs/{$this->id}/size", ['widthMm' => 50 + $i]);
        }
        self::assertSame(53.0, $this->job()['widthMm']);
    }

    /** @return array<mixed> */
    private function from(string $page, int|string|null $seen, string $method, string $path, mixed $body = null, int $expect = 200): array
    {
        $this->browser->setServerParameter('HTTP_X_PAGE', $page);
        $this->browser->setServerParameter('HTTP_X_SEEN', (string) $seen);
        try {
            return $this->ask($method, $path, $body, $expect);
        } finally {
            $this->browser->setServerParameter('HTTP_X_SEEN', '');
        }
    }

    /** @return array<mixed> */
    private function job(): array
    {
        return $this->ask('GET', "/api/jobs/{$this->id}");
    }

    /** @return array<mixed> */
    private function hand(string $page): array
    {
        return $this->from($page, null, 'GET', '/api/undo');
    }
}
