<?php

declare(strict_types=1);

namespace Ektype\Tests\App\Together;

use Ektype\Tests\App\ShopTestCase;
use Ektype\Tests\Measure;

/** Two browsers at once: what the trade says can never be twice is never twice, and nobody’s change is lost. */
final class TogetherTest extends ShopTestCase
{
    protected const BENCHES = ['plates', 'press'];

    /** @var list<Hand> */
    private array $hands = [];

    protected function tearDown(): void
    {
        foreach ($this->hands as $hand) {
            $hand->end();
        }
        $this->hands = [];
        parent::tearDown();
    }

    public function testOneFrameGoesToOneOfTwoJobs(): void
    {
        [$one, $two] = $this->hands(2);
        $plates = [];
        foreach (['First', 'Second'] as $name) {
            $id = $this->bring(self::twoDots(), ['name' => $name])['id'];
            $this->work();
            $plates[] = $this->ask('GET', "/api/jobs/$id")['plates'][0]['id'];
        }
        $frame = $this->framesFor($plates[0])[0]['id'];
        for ($round = 0; $round < self::rounds(); ++$round) {
            $one->begin('PATCH', '/api/plates/'.$plates[0], ['frameId' => $frame]);
            $two->begin('PATCH', '/api/plates/'.$plates[1], ['frameId' => $frame]);
            $got = [$one->status(), $two->status()];
            sort($got);
            self::assertSame([200, 422], $got, "round $round");
            self::assertSame(1, $this->number('SELECT COUNT(*) FROM plate WHERE frame_id = '.$frame));
            $this->connection()->executeStatement('UPDATE plate SET frame_id = NULL');
        }
    }

    public function testOfTwoDecisionsBothStand(): void
    {
        [$one, $two] = $this->hands(2);
        $id = $this->bring(self::twoDots())['id'];
        for ($round = 0; $round < self::rounds(); ++$round) {
            $one->begin('PATCH', "/api/jobs/$id/colours", ['leaveOpen' => \sprintf('#%06x', $round)]);
            $two->begin('PATCH', "/api/jobs/$id/colours", ['split' => \sprintf('#%06x', 0x10000 + $round)]);
            self::assertSame([200, 200], [$one->status(), $two->status()]);
        }
        $plan = json_decode($this->text('SELECT plan FROM job WHERE id = '.$id), true);
        self::assertIsArray($plan);
        self::assertCount(self::rounds(), $plan['leftOpen']);
        self::assertCount(self::rounds(), $plan['splits']);
    }

    public function testTwoUndosTakeBackTwoSteps(): void
    {
        [$one, $two] = $this->hands(2, 'one page');
        $id = $this->bring(self::twoDots())['id'];
        for ($round = 0; $round < self::rounds(); ++$round) {
            foreach ([1, 2] as $step) {
                $one->begin('PATCH', "/api/jobs/$id/order", ['quantity' => 10 * $round + $step]);
                self::assertSame(200, $one->status());
            }
            $one->begin('POST', '/api/undo');
            $two->begin('POST', '/api/undo');
            self::assertSame([200, 200], [$one->status(), $two->status()]);
            self::assertSame(0, $this->number('SELECT quantity FROM job WHERE id = '.$id), 'both steps, each once');
        }
    }

    public function testSixSeparationsAskedAtOnceAreOne(): void
    {
        $hands = $this->hands(6);
        $id = $this->bring(self::twoDots())['id'];
        for ($round = 0; $round < self::rounds(); ++$round) {
            $this->connection()->executeStatement("UPDATE task SET state = 'failed'");
            foreach ($hands as $hand) {
                $hand->begin('POST', "/api/jobs/$id/separate");
            }
            self::assertSame(array_fill(0, 6, 202), array_map(static fn (Hand $h): int => $h->status(), $hands));
            self::assertSame(1, $this->number("SELECT COUNT(*) FROM task WHERE state = 'waiting'"));
        }
    }

    /** What is set while the art is separated is not overwritten by what the separation finds. */
    public function testAToleranceSetMeanwhileStays(): void
    {
        [$hand] = $this->hands(1);
        $id = $this->bring(self::twoDots())['id'];
        for ($round = 1; $round <= 4; ++$round) {
            $this->tell($id, ['toleranceFollowsPlates' => true, 'widthMm' => 60 + $round]);
            $this->ask('POST', "/api/jobs/$id/separate", null, 202);
            $hand->begin('PATCH', "/api/jobs/$id/press", ['toleranceMm' => 0.3 + $round / 100]);
            $this->work();
            self::assertSame(200, $hand->status());
            $job = $this->ask('GET', "/api/jobs/$id");
            self::assertTrue($job['toleranceSet']);
            self::assertEqualsWithDelta(0.3 + $round / 100, $job['toleranceMm'], 1e-9);
        }
    }

    /** @return non-empty-list<Hand> */
    private function hands(int $count, string $page = ''): array
    {
        for ($i = 0; $i < $count; ++$i) {
            $this->hands[] = new Hand($page === '' ? "page $i" : $page, self::data());
        }

        self::assertNotEmpty($this->hands);

        return $this->hands;
    }

    private function number(string $sql): int
    {
        return (int) $this->text($sql);
    }

    private function text(string $sql): string
    {
        $found = $this->connection()->fetchOne($sql);

        return \is_scalar($found) ? (string) $found : '';
    }

    private static function rounds(): int
    {
        return Measure::of(12, 200);
    }
}
