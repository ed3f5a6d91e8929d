<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Work\Kept;
use Ektype\App\Work\Long\OneAtATime;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;

/** What is kept is reckoned once for what it rests on, anew for anything else, and never stands in the way of a look. */
final class KeptTest extends TestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/ektype-kept-'.getmypid();
        (new Filesystem())->remove($this->folder);
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
    }

    public function testItIsReckonedOnceUntilWhatItRestsOnChanges(): void
    {
        $times = 0;
        foreach (['one test', 'one test', 'two tests', 'one test', 'two tests'] as $from) {
            self::assertSame($from, $this->told($from, $times));
        }
        self::assertSame(2, $times);
        foreach ((array) glob($this->folder.'/kept/*') as $file) {
            file_put_contents((string) $file, 'damaged');
        }
        self::assertSame('one test', $this->told('one test', $times));
        self::assertSame(3, $times, 'what is damaged is reckoned anew');
    }

    public function testWhereItCannotBeKeptItIsReckonedAllTheSame(): void
    {
        // A file stands where the folder should be: nothing can be written there.
        touch($this->folder.'/kept');
        $times = 0;
        self::assertSame('a test', $this->told('a test', $times));
        self::assertSame('a test', $this->told('a test', $times));
        self::assertSame(2, $times);
    }

    private function told(string $from, int &$times): string
    {
        $kept = new Kept(new OneAtATime($this->folder), \dirname(__DIR__, 2), $this->folder);
        $of = $kept->of('words', $from, \ArrayObject::class, static function () use ($from, &$times): \ArrayObject {
            ++$times;

            return new \ArrayObject([$from]);
        });

        return \is_string($of[0]) ? $of[0] : '';
    }
}
