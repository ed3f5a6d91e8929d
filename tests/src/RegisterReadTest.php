<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/**
 * From art to turns by the command line alone: films are written, printed here film by film in their inks, each off by whole
 * pixels, scanned, read, and solved. The printing knows only the files.
 */
final class RegisterReadTest extends TestCase
{
    private const CLOTH = 0x1B2436;
    private const DPI = 600;
    private string $folder = '';

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/ektype-read-'.getmypid();
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
    }

    public function testAPrintOfTheFilmsIsReadAndSolved(): void
    {
        $manifest = $this->films('#f0e2b0', '#b84a30');
        $offs = [[0, 0], [12, -7], [-15, 9]];
        $scan = $this->printed($manifest, $offs);
        $read = self::json(['register:read', $scan, $this->folder.'/films/manifest.json']);
        self::assertSame('Base white', $read['key']);
        // The graphics extension turns by a little less than it is told.
        self::assertEqualsWithDelta(1.2, $read['turned_deg'], 0.1);
        self::assertSame([], $read['says']);
        $mm = 25.4 / self::DPI;
        foreach ($read['plates'] as $i => $plate) {
            self::assertCount(3, $plate['readings']);
            foreach ($plate['readings'] as $reading) {
                self::assertEqualsWithDelta($offs[$i + 1][0] * $mm, $reading['off_mm'][0], 0.02);
                self::assertEqualsWithDelta($offs[$i + 1][1] * $mm, $reading['off_mm'][1], 0.02);
            }
        }
        // What is read goes straight into what is solved.
        $knobs = [
            ['name' => 'Left', 'at_mm' => [-60, -80], 'pushes' => [0, 1], 'mm_per_turn' => 1.25],
            ['name' => 'Right', 'at_mm' => [60, -80], 'pushes' => [0, 1], 'mm_per_turn' => 1.25],
            ['name' => 'Side', 'at_mm' => [0, -80], 'pushes' => [1, 0], 'mm_per_turn' => 1.25],
        ];
        $solved = self::json(['register:solve', '-'], ['press' => ['knobs' => $knobs], 'prints' => [['readings' => $read['plates'][0]['readings']]]]);
        self::assertEqualsWithDelta(12 * $mm, $solved['shift_mm'][0], 0.02);
        self::assertEqualsWithDelta(-12 * $mm / 1.25, array_column($solved['turns'], 'turns', 'knob')['Side'], 0.03);
        self::assertSame([], $solved['causes']);
    }

    #[Group('long')]
    public function testWhatIsNoScanOfTheseFilmsIsRefusedInOneSentence(): void
    {
        $manifest = $this->films('#f0e2b0', '#b84a30');
        $scan = $this->printed($manifest, [[0, 0], [5, 5], [0, 5]]);
        $mine = $this->folder.'/films/manifest.json';
        $other = $manifest;
        $other['register_strip']['code'] ^= 0x15;
        $without = array_diff_key($manifest, ['register_strip' => 0]);
        $broken = $manifest;
        unset($broken['register_strip']['spots']['top right']);
        foreach (['other' => $other, 'without' => $without, 'broken' => $broken] as $name => $kept) {
            file_put_contents("{$this->folder}/$name.json", json_encode($kept, \JSON_THROW_ON_ERROR));
        }
        foreach ([
            [[$scan, "{$this->folder}/other.json"], 'scan: The dots beside the print are those of another film set'],
            [[$scan, "{$this->folder}/without.json"], 'manifest: These films carry no register strip'],
            [[$scan, "{$this->folder}/broken.json"], 'manifest: This is no manifest of a film set'],
            [[$scan, "{$this->folder}/nowhere.json"], 'manifest: There is no such manifest'],
            [["{$this->folder}/nowhere.jpg", $mine], 'scan: There is no such scan'],
            [[$mine, $mine], 'scan: This is no scan that can be read'],
            [[$scan, $mine, '--ppi=many'], 'ppi: Give the pixels an inch as a number'],
            [[$scan, $mine, '--ppi=72'], 'scan: The scan has 72 pixels an inch, too coarse'],
            // Read as twice as fine it is half as large.
            [[$scan, $mine, '--ppi=1200'], 'scan: The key’s spots and rings are not on the scan'],
        ] as [$arguments, $why]) {
            $run = self::run1(['register:read', ...$arguments]);
            self::assertNotSame(0, $run->getExitCode(), $why);
            self::assertStringStartsWith($why, $run->getErrorOutput());
            self::assertSame(1, substr_count(trim($run->getErrorOutput()), "\n") + 1, 'one line');
        }
    }

    /** @return array<mixed> the manifest */
    private function films(string $one, string $two): array
    {
        $art = $this->folder.'/art.svg';
        file_put_contents($art, "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 60 40\"><circle cx=\"20\" cy=\"20\" r=\"14\" fill=\"$one\"/><rect x=\"38\" y=\"6\" width=\"16\" height=\"28\" fill=\"$two\"/></svg>");
        $run = self::run1(['art:separate', $art, '--width-mm=70', '--garment=#1b2436', '--formats=png', '--out='.$this->folder.'/films']);
        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        $manifest = json_decode((string) file_get_contents($this->folder.'/films/manifest.json'), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($manifest);
        self::assertCount(6, $manifest['register_strip']['targets']);

        return $manifest;
    }

    /**
     * @param array<mixed>          $manifest
     * @param list<array{int, int}> $offs     of each plate, film pixels to the right and up
     */
    private function printed(array $manifest, array $offs): string
    {
        $size = getimagesize($this->folder.'/films/'.$manifest['plates'][0]['png']);
        self::assertIsArray($size);
        [$width, $height] = [max(1, $size[0]), max(1, $size[1])];
        $print = imagecreatetruecolor($width, $height);
        self::assertNotFalse($print);
        imagefilledrectangle($print, 0, 0, $width, $height, self::CLOTH);
        foreach ($manifest['plates'] as $i => $plate) {
            $film = imagecreatefrompng($this->folder.'/films/'.$plate['png']);
            self::assertNotFalse($film);
            $ink = (int) hexdec(ltrim((string) $plate['hex'], '#'));
            for ($y = 0; $y < $height; ++$y) {
                for ($x = 0; $x < $width; ++$x) {
                    if (imagecolorat($film, $x, $y) === 0 && imagecolorsforindex($film, 0)['red'] === 0) {
                        imagesetpixel($print, $x + $offs[$i][0], $y - $offs[$i][1], $ink);
                    }
                }
            }
        }
        $scan = imagerotate($print, 1.2, self::CLOTH);
        self::assertNotFalse($scan);
        imageresolution($scan, self::DPI, self::DPI);
        imagejpeg($scan, $this->folder.'/scan.jpg', 90);

        return $this->folder.'/scan.jpg';
    }

    /**
     * @param list<string> $arguments
     *
     * @return array<mixed>
     */
    private static function json(array $arguments, mixed $input = null): array
    {
        $run = self::run1($arguments, $input === null ? '' : json_encode($input, \JSON_THROW_ON_ERROR));
        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        $answer = json_decode($run->getOutput(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);

        return $answer;
    }

    /** @param list<string> $arguments */
    private static function run1(array $arguments, string $input = ''): Process
    {
        $run = new Process([\PHP_BINARY, '-d', 'memory_limit=2G', \dirname(__DIR__, 2).'/bin/console', ...$arguments], input: $input, timeout: 120);
        $run->run();

        return $run;
    }
}
