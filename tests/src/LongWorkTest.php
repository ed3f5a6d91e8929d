<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Action\Work\LongWork;
use Ektype\App\Work\Long\LongWorkHandler;
use Ektype\App\Work\Long\LostWork;
use Ektype\App\Work\Long\StoppedByHand;
use Ektype\App\Work\Long\TaskProgress;

/** Long work is done once, is never lost, can be stopped, and leaves nothing behind. */
final class LongWorkTest extends ShopTestCase
{
    public function testATaskWhoseMessageIsLostIsTakenUp(): void
    {
        $id = $this->bring(self::twoDots())['id'];
        $task = $this->ask('GET', "/api/jobs/$id")['task']['id'];
        $lost = $this->service(LostWork::class);
        self::assertSame([], $lost->takeUp(), 'its message waits');
        $this->connection()->executeStatement('DELETE FROM work_queue');
        self::assertSame([$task], $lost->takeUp());
        self::assertSame([], $lost->takeUp(), 'once');
        // A worker that took it and gave its message back in the wrong moment.
        $this->connection()->executeStatement("UPDATE task SET state = 'working'");
        $this->connection()->executeStatement('DELETE FROM work_queue');
        self::assertSame([$task], $lost->takeUp());
        $this->connection()->executeStatement("UPDATE task SET state = 'waiting'");
        $this->work();
        self::assertTrue($this->ask('GET', "/api/jobs/$id")['separated']);
        $this->connection()->executeStatement('DELETE FROM work_queue');
        self::assertSame([], $lost->takeUp(), 'what is done is not done again');
    }

    public function testWorkThatWaitsIsStoppedAndRunAgain(): void
    {
        $id = $this->bring(self::twoDots())['id'];
        $task = $this->ask('GET', "/api/jobs/$id")['task']['id'];
        $stopped = $this->ask('DELETE', "/api/tasks/$task");
        self::assertSame('failed', $stopped['state']);
        self::assertStringStartsWith('Stopped by hand', $stopped['failure']);
        $this->service(LongWorkHandler::class)(new LongWork($task));
        self::assertFalse($this->ask('GET', "/api/jobs/$id")['separated'], 'its message does nothing any more');
        self::assertStringContainsString('has ended already', $this->ask('DELETE', "/api/tasks/$task", null, 422)['detail']);
        $this->ask('POST', "/api/tasks/$task/again", null, 202);
        $this->work();
        self::assertTrue($this->ask('GET', "/api/jobs/$id")['separated']);
        $this->ask('DELETE', '/api/tasks/4711', null, 404);
    }

    /** The worker notices at its next word: nothing of what it made is kept, and the task stays stopped. */
    public function testWorkUnderWayStopsAtItsNextStep(): void
    {
        $id = $this->bring(self::twoDots())['id'];
        $task = $this->ask('GET', "/api/jobs/$id")['task']['id'];
        $progress = new TaskProgress($this->connection(), $task);
        $progress->tell('Reading the edges', 0.2);
        self::assertSame('Reading the edges', $this->ask('GET', "/api/tasks/$task")['step']);
        $this->ask('DELETE', "/api/tasks/$task");
        try {
            $progress->tell('Drawing the plates', 0.4);
            self::fail('It went on.');
        } catch (StoppedByHand) {
            self::assertSame('Stopped', $this->ask('GET', "/api/tasks/$task")['step']);
        }
    }

    public function testAJobIsNotDeletedUnderTheHandsOfItsWorker(): void
    {
        $id = $this->bring(self::twoDots())['id'];
        $task = $this->ask('GET', "/api/jobs/$id")['task']['id'];
        self::assertStringContainsString('or stop it', $this->ask('DELETE', "/api/jobs/$id", null, 422)['detail']);
        $this->ask('DELETE', "/api/tasks/$task");
        $this->ask('DELETE', "/api/jobs/$id");
        $this->service(LongWorkHandler::class)(new LongWork($task));
        self::assertSame([], $this->service(LostWork::class)->takeUp(), 'its task went with it');
    }
}
