<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Action\Work\LongWork;
use Ektype\App\Work\Long\LongWorkHandler;
use Ektype\App\Work\Long\OneAtATime;

/** The print is seen before its films are drawn, and two workers do not tread on each other. */
final class FirstPullTest extends ShopTestCase
{
    protected const BENCHES = ['art/bench'];

    /** Of 60 × 40 mm: a circle of 14 mm and a bar of 16 × 28 mm. */
    private const CIRCLE_PCT = 25.66;
    private const BAR_PCT = 18.67;

    public function testThePrintIsThereBeforeAnyWorkerBegan(): void
    {
        $id = $this->bring(self::twoDots())['id'];
        $first = $this->ask('GET', "/api/jobs/$id/first-pull");
        self::assertSame(['Base white', 'Straw', 'Harbour rust'], array_column($first['plates'], 'name'));
        self::assertEqualsWithDelta(self::CIRCLE_PCT, $first['plates'][1]['coveragePct'], 0.3);
        self::assertEqualsWithDelta(self::BAR_PCT, $first['plates'][2]['coveragePct'], 0.3);
        $picture = $this->picture($id);
        [$red, $green, $blue] = self::at($picture, 20, 20);
        self::assertEqualsWithDelta(0xF0, $red, 4);
        self::assertEqualsWithDelta(0xE2, $green, 4);
        self::assertEqualsWithDelta(0xB8, $blue, 12, 'straw over its base');
        self::assertSame([], self::at($picture, 20, 2), 'bare cloth');
        self::assertFalse($this->ask('GET', "/api/jobs/$id")['separated'], 'no films yet');

        $this->work();
        $job = $this->ask('GET', "/api/jobs/$id");
        self::assertSame(array_column($job['plates'], 'name'), array_column($first['plates'], 'name'));
        self::assertSame(array_column($job['plates'], 'inkHex'), array_column($first['plates'], 'inkHex'));
    }

    public function testWhatIsDecidedShowsAtOnce(): void
    {
        $id = $this->twoDotsSeparated();
        $before = $this->ask('GET', "/api/jobs/$id/first-pull");
        $this->ask('PATCH', "/api/jobs/$id/plan", ['chokeMm' => 2.0]);
        $choked = $this->ask('GET', "/api/jobs/$id/first-pull");
        self::assertNotSame($before['key'], $choked['key']);
        // A circle of 12 mm and a bar of 12 × 24 mm are left of the base.
        self::assertEqualsWithDelta(30.85, $choked['plates'][0]['coveragePct'], 0.5);
        $this->ask('PATCH', "/api/jobs/$id/colours", ['merge' => ['from' => '#b84a30', 'into' => '#f0e2b0']]);
        $merged = $this->ask('GET', "/api/jobs/$id/first-pull");
        self::assertSame(['Base white', 'Straw'], array_column($merged['plates'], 'name'));
        self::assertEqualsWithDelta(self::CIRCLE_PCT + self::BAR_PCT, $merged['plates'][1]['coveragePct'], 0.5);
    }

    public function testArtThatGivesNoPlatesSaysSo(): void
    {
        $id = $this->bring('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 40"><rect x="4" y="4" width="50" height="30" fill="#1b2436"/></svg>')['id'];
        self::assertStringContainsString('no plate would print', $this->ask('GET', "/api/jobs/$id/first-pull", null, 422)['detail']);
        $this->ask('GET', '/api/jobs/4711/first-pull', null, 404);
    }

    /** A picture of pixels is opened once: the worker shows the first pull on its way. */
    public function testTheWorkerLeavesTheFirstPullOnItsWay(): void
    {
        $picture = imagecreatetruecolor(600, 400);
        imagefilledrectangle($picture, 0, 0, 599, 399, 0x1B2436);
        imagefilledellipse($picture, 200, 200, 280, 280, 0xF0E2B0);
        ob_start();
        imagepng($picture);
        $id = $this->bring((string) ob_get_clean())['id'];
        self::assertSame([], (array) glob(self::data()."/files/jobs/$id/first-*"));
        $this->work();
        [$folder] = (array) glob(self::data()."/files/jobs/$id/first-*") + [''];
        self::assertFileExists($folder.'/plates');
        $made = (int) filemtime($folder.'/plates');
        touch($folder.'/plates', $made - 100);
        $first = $this->ask('GET', "/api/jobs/$id/first-pull");
        self::assertEqualsWithDelta(self::CIRCLE_PCT, $first['plates'][1]['coveragePct'], 0.3);
        clearstatcache();
        self::assertSame($made - 100, filemtime($folder.'/plates'), 'nothing is drawn twice');
    }

    public function testWorkOnAJobThatAnotherWorkerIsAtWaitsItsTurn(): void
    {
        $id = $this->bring(self::twoDots())['id'];
        $task = $this->ask('GET', "/api/jobs/$id")['task']['id'];
        $this->connection()->executeStatement('DELETE FROM work_queue');
        $held = $this->service(OneAtATime::class)->hold("job-$id", wait: false);
        self::assertNotNull($held);
        $this->service(LongWorkHandler::class)(new LongWork($task));
        self::assertFalse($this->ask('GET', "/api/jobs/$id")['separated']);
        self::assertSame(1, $this->waiting(), 'it is put back');
        $held->release();
        $this->service(LongWorkHandler::class)(new LongWork($task));
        self::assertTrue($this->ask('GET', "/api/jobs/$id")['separated']);
    }

    public function testFilmsWaitForTheSeparationThatWasAskedBefore(): void
    {
        $id = $this->twoDotsSeparated();
        $this->ask('PATCH', "/api/jobs/$id/plan", ['chokeMm' => 0.4]);
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $separate = $this->ask('GET', "/api/jobs/$id")['task']['id'];
        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $films = $this->ask('GET', "/api/jobs/$id")['task']['id'];
        self::assertNotSame($separate, $films);
        $worker = $this->service(LongWorkHandler::class);
        $worker(new LongWork($films));
        self::assertFalse($this->ask('GET', "/api/jobs/$id")['filmsWritten'], 'of the old plates they would be');
        $worker(new LongWork($separate));
        $worker(new LongWork($films));
        self::assertTrue($this->ask('GET', "/api/jobs/$id")['filmsCurrent']);
    }

    /** A picture is kept by its address for good: under an older key it is the older picture or none, and another ink is another key. */
    public function testAPictureIsNeverAnotherOneThanItsKeySays(): void
    {
        $id = $this->twoDotsSeparated();
        $this->ask('PATCH', "/api/jobs/$id/plan", ['chokeMm' => 0.8]);
        $first = $this->ask('GET', "/api/jobs/$id/first-pull")['key'];
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][1]['id'];
        $inks = array_column($this->ask('GET', '/api/shop')['inks'], 'id', 'name');
        $this->ask('PATCH', "/api/plates/$plate", ['inkId' => end($inks)]);
        $other = $this->ask('GET', "/api/jobs/$id/first-pull");
        self::assertNotSame($first, $other['key']);
        foreach ([$first => 200, $other['key'] => 200, '0123456789abcdef' => 404] as $key => $status) {
            $this->browser->request('GET', "/api/jobs/$id/first-pull/$key.png");
            self::assertSame($status, $this->browser->getResponse()->getStatusCode(), (string) $key);
        }
    }

    private function picture(int $id): \GdImage
    {
        $key = $this->ask('GET', "/api/jobs/$id/first-pull")['key'];
        $this->browser->request('GET', "/api/jobs/$id/first-pull/$key.png");
        $picture = imagecreatefromstring((string) $this->browser->getResponse()->getContent());
        self::assertNotFalse($picture);

        return $picture;
    }

    /** @return list<int> red, green and blue at a place of the 60 mm wide print; nothing where it is clear */
    private static function at(\GdImage $picture, float $xMm, float $yMm): array
    {
        $perMm = imagesx($picture) / 60;
        $colour = imagecolorsforindex($picture, (int) imagecolorat($picture, (int) ($xMm * $perMm), (int) ($yMm * $perMm)));

        return $colour['alpha'] === 0 ? [$colour['red'], $colour['green'], $colour['blue']] : [];
    }

    private function waiting(): int
    {
        $count = $this->connection()->fetchOne('SELECT COUNT(*) FROM work_queue');

        return is_numeric($count) ? (int) $count : -1;
    }
}
