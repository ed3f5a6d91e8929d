<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Work\Tidy\Tidying;
use Ektype\App\Work\Tidy\TidyingStopped;

/** What no job needs goes, a week later for good; what undo needs, what is not ours and what is too much stays. */
final class TidyingTest extends ShopTestCase
{
    public function testWhatNobodyNeedsGoesIntoTheBinAndWhatUndoNeedsStays(): void
    {
        $id = $this->twoDotsOnFrames();
        $first = $this->text("SELECT separation_path FROM job WHERE id = $id");
        $this->ask('PATCH', "/api/jobs/$id/order", ['garmentHex' => '#ffffff']);
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        $second = $this->text("SELECT separation_path FROM job WHERE id = $id");
        self::assertNotSame($first, $second);
        self::assertSame([], $this->tidy(-3600), 'what is new may be under way');
        self::assertSame([], $this->tidy(), 'undo brings the first back');
        $this->undo($id);
        self::assertSame($first, $this->text("SELECT separation_path FROM job WHERE id = $id"));

        // Two weeks on nobody takes it back.
        $this->connection()->executeStatement("UPDATE shop_change SET made_at = '2020-01-01 08:00:00'");
        self::assertContains($second, $this->tidy());
        self::assertDirectoryExists(self::data().'/files/'.$first);
        self::assertDirectoryDoesNotExist(self::data().'/files/'.$second);
        self::assertDirectoryExists(self::data().'/bin/'.date('Y-m-d').'/'.$second, 'it can be fetched back');
        $this->browser->request('GET', "/api/jobs/$id/pull/3.png");
        self::assertSame(200, $this->browser->getResponse()->getStatusCode());
    }

    public function testWhatTheShopNeverWroteDownIsNotItsToClearAway(): void
    {
        $id = $this->twoDotsSeparated();
        $files = self::data().'/files/';
        mkdir($files."jobs/$id/separation-9999", 0o700);
        mkdir($files.'jobs/777/films-1', 0o700, true);
        mkdir($files.'jobs/777/first-0123456789abcdef', 0o700, true);
        touch($files.'art/half.svg.part');
        touch($files.'art/stranger.png');
        $this->forgetChanges();
        self::assertSame([], $this->tidy());
        foreach (["jobs/$id/separation-9999", 'jobs/777/films-1', 'jobs/777/first-0123456789abcdef', 'art/half.svg.part', 'art/stranger.png'] as $path) {
            self::assertFileExists($files.$path);
        }
    }

    public function testArtGoesWithTheLastJobThatShowsIt(): void
    {
        $kept = $this->bring(self::twoDots())['id'];
        $gone = $this->bring(self::twoDots())['id'];
        $copy = $this->ask('POST', "/api/jobs/$gone/copy", null, 201)['id'];
        $art = $this->text("SELECT art_path FROM job WHERE id = $gone");
        $this->work();
        $this->browser->request('GET', "/api/jobs/$gone/art.png");
        self::assertFileExists(self::data()."/files/$art.preview.png");
        $this->ask('DELETE', "/api/jobs/$gone");
        $this->forgetChanges();
        self::assertNotContains($art, $this->tidy(), 'the copy shows it');
        $this->ask('DELETE', "/api/jobs/$copy");
        self::assertNotContains($art, $this->tidy(), 'undo brings the job back');
        $this->forgetChanges();
        self::assertContains($art, $this->tidy());
        self::assertFileDoesNotExist(self::data()."/files/$art");
        self::assertFileDoesNotExist(self::data()."/files/$art.preview.png");
        self::assertFileExists(self::data().'/files/'.$this->text("SELECT art_path FROM job WHERE id = $kept"));
    }

    public function testWhenMoreThanATenthWouldGoNothingDoesAndTheShopSaysSo(): void
    {
        for ($i = 0; $i < 12; ++$i) {
            $this->bring(self::twoDots());
        }
        $this->tidy();
        // A database from elsewhere, or one that was emptied: it names none of what lies there.
        $this->connection()->executeStatement('DELETE FROM task');
        $this->connection()->executeStatement('DELETE FROM job');
        $this->forgetChanges();
        self::assertSame([], $this->tidy());
        self::assertCount(12, (array) glob(self::data().'/files/art/*.svg'));
        $says = $this->service(TidyingStopped::class)->says();
        self::assertStringContainsString('12 are named by no job', $says);
        self::assertContains($says, array_column($this->ask('GET', '/api/now')['notices'], 'says'));

        self::assertCount(12, $this->service(Tidying::class)->tidy(time() + 5, asked: true), 'a person may');
        self::assertSame('', $this->service(TidyingStopped::class)->says());
    }

    public function testTheBinIsEmptiedAfterAWeekAndNotBefore(): void
    {
        $days = [];
        foreach ([2, 6, 9, 40] as $ago) {
            $days[$ago] = self::data().'/bin/'.date('Y-m-d', time() - $ago * 86_400);
            mkdir($days[$ago].'/art', 0o700, true);
        }
        $this->tidy();
        self::assertSame([2, 6], array_keys(array_filter($days, is_dir(...))));
    }

    private function forgetChanges(): void
    {
        $this->connection()->executeStatement('DELETE FROM shop_change');
    }

    /** @return list<string> */
    private function tidy(int $later = 5): array
    {
        return $this->service(Tidying::class)->tidy(time() + $later);
    }

    private function text(string $sql): string
    {
        $found = $this->connection()->fetchOne($sql);
        self::assertIsString($found);

        return $found;
    }
}
