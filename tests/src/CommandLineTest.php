<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\Tests\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** The command line as another program calls it: arguments and standard input in, JSON and exit code out. */
final class CommandLineTest extends TestCase
{
    /** As ./ektype starts it. */
    private const FAST = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=1054', '-d', 'opcache.jit_buffer_size=128M', '-d', 'memory_limit=2G'];

    public function testSeparatesAPictureIntoAFilmSet(): void
    {
        $out = sys_get_temp_dir().'/ektype-films-'.getmypid();
        $art = $out.'.svg';
        file_put_contents($art, '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 40"><circle cx="20" cy="20" r="14" fill="#f0e2b0"/><rect x="38" y="6" width="16" height="28" fill="#b84a30"/></svg>');
        try {
            $run = self::run1(['art:separate', $art, '--width-mm=60', '--garment=#1b2436', '--out='.$out]);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            $manifest = json_decode((string) file_get_contents($out.'/manifest.json'), true);
            self::assertIsArray($manifest);
            self::assertSame(['Base white', 'Straw', 'Rust'], array_column($manifest['plates'], 'name'));
            self::assertSame(['base', 'colour', 'colour'], array_column($manifest['plates'], 'role'));
            self::assertEqualsWithDelta(100 * \M_PI * 196 / 2400, $manifest['plates'][1]['coverage_pct'], 0.1);
            self::assertEqualsWithDelta(60.0, $manifest['width_mm'], 0.001);
            self::assertCount(6, $manifest['marks']);
            foreach ($manifest['plates'] as $plate) {
                $size = getimagesize($out.'/'.$plate['png']);
                self::assertIsArray($size);
                self::assertEqualsWithDelta($manifest['film_mm'][0], $size[0] / 600 * 25.4, 0.01, 'true to size');
            }
            self::assertStringStartsWith('%PDF', (string) file_get_contents($out.'/films.pdf'));
            self::assertSame([], (array) glob($out.'*part*'));
        } finally {
            (new Filesystem())->remove([$out, $art]);
        }
    }

    public function testRunCureAndItsProbeAnswerInFigures(): void
    {
        $run = self::run1(['run:rhythm'], '{"pieces": [{"at_s": 0}, {"at_s": 50}, {"at_s": 100, "kind": "misprint"}], "ordered": 10, "reckoned_s": 44, "now_s": 100}');
        $told = json_decode($run->getOutput(), true);
        self::assertIsArray($told);
        self::assertEqualsWithDelta((12 * 44 + 100) / 14, $told['seconds'], 0.01);
        self::assertSame([2, 1, 2 - 1 - 2], [$told['good'], $told['misprints'], $told['ahead']]);
        self::assertSame(1, self::run1(['run:rhythm'], '{"pieces": [], "ordered": 10, "reckoned_s": 44, "now_s": 0}')->getExitCode());
        $cure = json_decode(self::run1(['cure:plan'], '{"film_um": 60}')->getOutput(), true);
        self::assertIsArray($cure);
        self::assertTrue($cure['cures']);
        self::assertEqualsWithDelta(60 * 1.8 / $cure['dwell_s'], $cure['belt_m_min'], 0.01);
        self::assertStringContainsString('hardens', self::run1(['cure:plan'], '{"film_um": 60, "ink": "two-part"}')->getErrorOutput());
        $log = sys_get_temp_dir().'/ektype-log-'.getmypid().'.csv';
        file_put_contents($log, "s;C\n0;25\n10;125\n20;145\n30;165\n40;165\n50;125\n");
        try {
            $read = json_decode(self::run1(['cure:read', $log])->getOutput(), true);
            self::assertIsArray($read);
            self::assertSame([true, 165, 21], [$read['cured'], (int) $read['peak_c'], (int) $read['over_s']]);
            self::assertStringStartsWith('ink: “mud” is no kind of ink', self::run1(['cure:read', $log, '--ink=mud'])->getErrorOutput());
            file_put_contents($log, 'Dear printer');
            self::assertStringContainsString('a time with a temperature', self::run1(['cure:read', $log])->getErrorOutput());
        } finally {
            unlink($log);
        }
    }

    /** Red cloth between a dark and a light ink: the film set of a grey wedge leaves its middle open. */
    #[Group('long')]
    public function testAPhotographInTwoTonesLeavesTheGarmentItsMiddle(): void
    {
        $out = sys_get_temp_dir().'/ektype-two-tone-'.getmypid();
        $art = $out.'.png';
        $picture = imagecreatetruecolor(510, 120);
        for ($x = 0; $x < 510; ++$x) {
            $grey = intdiv($x, 2);
            imagefilledrectangle($picture, $x, 0, $x, 119, $grey << 16 | $grey << 8 | $grey);
        }
        imagepng($picture, $art);
        try {
            $run = self::run1(['art:separate', $art, '--method=two-tone', '--width-mm=60', '--garment=#a02028', '--lpi=40', '--formats=png', '--out='.$out]);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            $manifest = json_decode((string) file_get_contents($out.'/manifest.json'), true);
            self::assertIsArray($manifest);
            self::assertSame(['White', 'Black'], array_column($manifest['plates'], 'name'), 'the light ink goes down first');
            self::assertSame(['two-tone', 'garment', 0.0423], [$manifest['method'], $manifest['middle'], $manifest['hold_back_mm']]);
            $check = self::run1(['films:check', $out]);
            self::assertSame(0, $check->getExitCode(), $check->getOutput().$check->getErrorOutput());
            self::assertSame([], self::breaksSchema($manifest, json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/docs/film-set.schema.json'), true)));
            $inked = [];
            foreach ($manifest['plates'] as $plate) {
                $film = imagecreatefrompng($out.'/'.$plate['png']);
                self::assertInstanceOf(\GdImage::class, $film);
                imagepalettetotruecolor($film);
                [$left, $top] = [(imagesx($film) - 1417) / 2, (imagesy($film) - 333) / 2];
                // The wedge has L* 35 of the cloth at a third of its length.
                foreach (['dark' => 0.05, 'middle' => 0.325, 'light' => 0.95] as $where => $at) {
                    $set = 0;
                    for ($y = 100; $y < 200; ++$y) {
                        for ($x = -15; $x < 15; ++$x) {
                            $set += (imagecolorat($film, (int) ($left + 1417 * $at + $x), (int) ($top + $y)) & 0xFF) < 128 ? 1 : 0;
                        }
                    }
                    $inked[$plate['name']][$where] = $set / 3000;
                }
            }
            self::assertGreaterThan(0.8, $inked['Black']['dark']);
            self::assertGreaterThan(0.8, $inked['White']['light']);
            self::assertLessThan(0.1, $inked['Black']['middle'] + $inked['White']['middle']);
            self::assertSame(0, (int) (100 * ($inked['Black']['light'] + $inked['White']['dark'])));
            $wrong = self::run1(['art:separate', $art, '--method=one-ink', '--hold-back-mm=0.1', '--width-mm=60', '--garment=#a02028', '--out='.$out.'-2']);
            self::assertNotSame(0, $wrong->getExitCode());
            self::assertStringContainsString('hold-back-mm: This belongs to --method=two-tone', $wrong->getErrorOutput().$wrong->getOutput());
        } finally {
            (new Filesystem())->remove([$out, $art, $out.'-2']);
        }
    }

    /** A photograph in one ink: its film set is described, checked and labelled as any other. */
    public function testAPhotographInOneInkIsAFilmSet(): void
    {
        $out = sys_get_temp_dir().'/ektype-one-ink-'.getmypid();
        $art = $out.'.png';
        $picture = imagecreatetruecolor(400, 300);
        for ($x = 0; $x < 400; ++$x) {
            $grey = (int) (255 * $x / 399);
            imagefilledrectangle($picture, $x, 0, $x, 299, $grey << 16 | $grey << 8 | $grey);
        }
        imagepng($picture, $art);
        file_put_contents($out.'.json', '{"inks": [{"name": "Navy", "hex": "#1b2436"}, {"name": "Ivory", "hex": "#f2ead6", "hiding": 0.9}]}');
        try {
            $run = self::run1(['art:separate', $art, '--method=one-ink', '--width-mm=60', '--garment=#1b2436', '--lpi=40', '--angle=15', '--range=5,92', '--palette='.$out.'.json', '--formats=pdf,png,tiff', '--out='.$out]);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            $manifest = json_decode((string) file_get_contents($out.'/manifest.json'), true);
            self::assertIsArray($manifest);
            self::assertSame([], self::breaksSchema($manifest, json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/docs/film-set.schema.json'), true)));
            [$plate] = $manifest['plates'];
            self::assertSame(['Ivory', 0.9, 'one-ink', 'round'], [$plate['name'], $plate['ink_hiding'], $manifest['method'], $plate['dot']]);
            self::assertEqualsWithDelta(40.0, $plate['lpi'], 0.05);
            self::assertEqualsWithDelta(15.0, $plate['angle_deg'], 0.05);
            self::assertEquals([5, 92], $plate['range']);
            self::assertGreaterThan(20, $plate['coverage_pct']);
            self::assertStringContainsString('brought to 5 to 92 %', $run->getOutput());
            self::assertSame(0, self::run1(['films:check', $out])->getExitCode(), 'its marks are where they belong');
        } finally {
            (new Filesystem())->remove([$out, $art, $out.'.json']);
        }
    }

    /** Squares of inks that are chosen from a shelf, a base under them, in films that are checked. */
    #[Group('long')]
    public function testAnIndexPrintIsAFilmSet(): void
    {
        $out = sys_get_temp_dir().'/ektype-index-'.getmypid();
        $art = $out.'.png';
        $picture = imagecreatetruecolor(200, 100);
        for ($x = 0; $x < 200; ++$x) {
            imagefilledrectangle($picture, $x, 0, $x, 99, (55 + $x) << 16 | (40 + intdiv($x, 2)) << 8 | (255 - $x));
        }
        imagepng($picture, $art);
        $shelf = $out.'.json';
        file_put_contents($shelf, '{"inks": [{"name": "White", "hex": "#f6f4ee"}, {"name": "Red", "hex": "#f82050"}, {"name": "Blue", "hex": "#3030f0"}, {"name": "Lime", "hex": "#a0d020"}, {"name": "Straw", "hex": "#e8a848"}]}');
        try {
            $run = self::run1(['art:separate', $art, '--method=index', '--plates=4', '--width-mm=40', '--garment=#101010', '--palette='.$shelf, '--formats=png', '--out='.$out]);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            $told = json_decode((string) file_get_contents($out.'/manifest.json'), true);
            self::assertSame(['White', 'base'], [$told['plates'][0]['name'], $told['plates'][0]['role']]);
            self::assertCount(4, $told['plates']);
            self::assertSame([200, 'index'], [$told['plan']['squares_dpi'], $told['method']]);
            $names = array_column($told['plates'], 'name');
            self::assertContains('Blue', $names);
            self::assertNotContains('Lime', $names, 'three of the four come nearer without it');
            self::assertSame(0, self::run1(['films:check', $out])->getExitCode());
            // The same shelf in dots over each other, and a highlight last.
            $run = self::run1(['art:separate', $art, '--method=simulated', '--plates=5', '--highlight', '--width-mm=40', '--garment=#101010', '--palette='.$shelf, '--formats=png', '--lpi=45', '--range=4,95', '--out='.$out]);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            $told = json_decode((string) file_get_contents($out.'/manifest.json'), true);
            self::assertSame('simulated', $told['method']);
            self::assertCount(5, $told['plates']);
            self::assertSame(['White', 'White highlight'], [$told['plates'][0]['name'], $told['plates'][4]['name']]);
            foreach ($told['plates'] as $plate) {
                self::assertSame(['round', [4, 95]], [$plate['dot'], $plate['range']]);
                self::assertEqualsWithDelta(45.0, $plate['lpi'], 0.05);
            }
            self::assertSame(0, self::run1(['films:check', $out])->getExitCode());
            foreach ([['--plates=0', 'plates'], ['--plates=40', 'plates'], ['--index-dpi=590', 'from 40 to 300'], ['--curve=x.json', 'no tones'], ['--base=pink', 'base'], ['--inks=3', '--method=spot'], ['--trap-mm=0.2', '--method=spot'], ['--highlight', 'simulated']] as [$option, $says]) {
                $refused = self::run1(['art:separate', $art, '--method=index', '--width-mm=40', '--garment=#101010', '--palette='.$shelf, '--out='.$out.'-2', $option]);
                self::assertSame(1, $refused->getExitCode(), $option);
                self::assertStringContainsString($says, $refused->getErrorOutput());
            }
            self::assertSame(1, self::run1(['art:separate', $art, '--plates=4', '--width-mm=40', '--garment=#101010', '--out='.$out.'-2'])->getExitCode());
            self::assertDirectoryDoesNotExist($out.'-2');
        } finally {
            (new Filesystem())->remove([$out, $art, $shelf]);
        }
    }

    /** Four-colour process and layers from the same picture, in film sets that are checked; every way advised on. */
    #[Group('long')]
    public function testAPictureInFourColoursInLayersAndAdvised(): void
    {
        $out = sys_get_temp_dir().'/ektype-four-'.getmypid();
        $art = $out.'.png';
        $picture = imagecreatetruecolor(200, 120);
        for ($x = 0; $x < 200; ++$x) {
            for ($y = 0; $y < 120; ++$y) {
                imagesetpixel($picture, $x, $y, (40 + $x) << 16 | (200 - $y) << 8 | (60 + $y));
            }
        }
        imagepng($picture, $art);
        try {
            $run = self::run1(['art:separate', $art, '--method=process', '--width-mm=40', '--garment=#f6f4ee', '--black=0.3', '--formats=png', '--out='.$out]);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            $told = json_decode((string) file_get_contents($out.'/manifest.json'), true);
            self::assertSame(['Process yellow', 'Process magenta', 'Process cyan', 'Process black'], array_column($told['plates'], 'name'));
            self::assertSame(['transparent'], array_values(array_unique(array_column($told['plates'], 'ink_kind'))));
            self::assertEqualsWithDelta(30.0, $told['plan']['black'], 1e-6);
            self::assertCount(4, array_unique(array_map(static fn (array $p): float => round($p['angle_deg']), $told['plates'])), 'a fan of angles');
            self::assertSame(0, self::run1(['films:check', $out])->getExitCode());

            $run = self::run1(['art:separate', $art, '--method=layers', '--plates=3', '--edge=soft', '--width-mm=40', '--garment=#f4efe2', '--formats=png', '--out='.$out]);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            $told = json_decode((string) file_get_contents($out.'/manifest.json'), true);
            self::assertSame(['layers', 'soft'], [$told['method'], $told['plan']['edge']]);
            self::assertCount(3, $told['plates']);
            self::assertSame([true], array_values(array_unique(array_map(static fn (array $p): bool => str_contains((string) $p['mix'], ' of Process '), $told['plates']))));
            self::assertSame(0, self::run1(['films:check', $out])->getExitCode());

            foreach ([['--method=process', '--black=2', 'black'], ['--method=process', '--icc='.$art, 'ICC profile'], ['--method=process', '--plates=7', 'simulated or index or layers'], ['--method=layers', '--plates=30', 'plates: '], ['--method=index', '--edge=soft', 'layers'], ['--method=simulated', '--total=3', 'process']] as [$method, $option, $says]) {
                $refused = self::run1(['art:separate', $art, $method, '--width-mm=40', '--garment=#f6f4ee', '--out='.$out.'-2', $option]);
                self::assertSame(1, $refused->getExitCode(), $option);
                self::assertStringContainsString($says, $refused->getErrorOutput());
            }
            self::assertDirectoryDoesNotExist($out.'-2');

            $run = self::run1(['tone:advise', $art, '--garment=#f6f4ee', '--width-mm=200']);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            $told = json_decode($run->getOutput(), true);
            $ways = array_column($told['ways'], null, 'method');
            self::assertSame(['spot'], array_column($told['cannot'], 'method'), 'a blend has more colours than spot plates');
            self::assertSame(['one ink', 'two-tone', 'simulated', 'process', 'index', 'layers', 'engraved'], array_keys($ways));
            self::assertLessThan($ways['one ink']['mean_delta_e'], $ways['process']['mean_delta_e']);
            self::assertNotNull($told['recommended']);
            self::assertNotSame('', $told['sentence']);
            $two = json_decode(self::run1(['tone:advise', $art, '--garment=#f6f4ee', '--heads=2'])->getOutput(), true);
            self::assertContains($two['recommended'], ['one ink', 'two-tone'], 'a press with two heads prints no four screens');
        } finally {
            (new Filesystem())->remove([$out, $art]);
        }
    }

    #[Group('long')]
    public function testInksAreChosenFromAShelf(): void
    {
        $folder = sys_get_temp_dir().'/ektype-inks-'.getmypid();
        $art = $folder.'.svg';
        file_put_contents($art, '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 60"><rect width="30" height="60" fill="#c8202c"/><rect x="30" width="30" height="60" fill="#2050a8"/></svg>');
        $shelf = $folder.'.json';
        file_put_contents($shelf, '{"inks": [{"name": "Red", "hex": "#c8202c", "hiding": 1}, {"name": "Blue", "hex": "#2050a8", "hiding": 1}, {"name": "Lime", "hex": "#a0d020"}]}');
        try {
            $run = self::run1(['inks:choose', $art, '--garment=#101010', '--palette='.$shelf, '--max=3']);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            $counts = json_decode($run->getOutput(), true)['counts'];
            self::assertSame([1, 2, 3], array_map(static fn (array $c): int => \count($c['inks']), $counts));
            $two = array_column($counts[1]['inks'], 'name');
            sort($two);
            self::assertSame(['Blue', 'Red'], $two);
            self::assertLessThan(0.3, $counts[1]['mean_delta_e']);
            self::assertSame('Lime', $counts[2]['inks'][2]['name'], 'worth least');
            self::assertGreaterThan(40.0, $counts[0]['muddy_pct'], 'one ink cannot show the other half');
            $locked = json_decode(self::run1(['inks:choose', $art, '--garment=#101010', '--palette='.$shelf, '--max=1', '--locked=lime'])->getOutput(), true);
            self::assertSame('Lime', $locked['counts'][0]['inks'][0]['name']);
            foreach ([['--max=0', 'cannot be chosen'], ['--max=40', 'cannot be chosen'], ['--locked=Puce', 'no ink “Puce”'], ['--forbidden=Red,Blue,Lime', 'ruled out'], ['--garment=red', 'garment']] as [$option, $says]) {
                $refused = self::run1(['inks:choose', $art, '--garment=#101010', '--palette='.$shelf, $option]);
                self::assertSame(1, $refused->getExitCode(), $option);
                self::assertStringContainsString($says, $refused->getErrorOutput());
            }
            self::assertSame(1, self::run1(['inks:choose', $art, '--garment=#101010'])->getExitCode());
        } finally {
            unlink($art);
            unlink($shelf);
        }
    }

    public function testTheRangeOfDotsThatAMeshHolds(): void
    {
        $run = self::run1(['dots:range'], '{"mesh": {"threads_per_cm": 90, "thread_um": 48}, "lpi": 45}');
        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        $told = json_decode($run->getOutput(), true);
        self::assertIsArray($told);
        self::assertEqualsWithDelta(3.04, $told['lightest_pct'], 0.02);
        self::assertEqualsWithDelta(93.76, $told['darkest_pct'], 0.05);
        self::assertEqualsWithDelta(45.7, $told['finest_lpi'], 0.05);
        self::assertSame([], $told['says']);
        $told = json_decode(self::run1(['dots:range'], '{"mesh": {"threads_per_cm": 43, "thread_um": 80}, "lpi": 100}')->getOutput(), true);
        self::assertIsArray($told);
        self::assertStringContainsString('finer than the 22', implode(' ', $told['says']));
        self::assertSame(1, self::run1(['dots:range'], '{"mesh": {"threads_per_cm": 90, "thread_um": 48}, "lpi": 2}')->getExitCode());
    }

    #[Group('long')]
    public function testAGainChartIsAFilmWithItsMarks(): void
    {
        $out = sys_get_temp_dir().'/ektype-chart-'.getmypid();
        try {
            $run = self::run1(['gain:chart', '--lpi=55', '--angle=15', '--dot=ellipse', '--out='.$out]);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            $told = json_decode($run->getOutput(), true);
            self::assertIsArray($told);
            self::assertCount(63, $told['patches']);
            self::assertEqualsWithDelta(55.0, $told['lpi'], 0.05);
            $manifest = json_decode((string) file_get_contents($out.'/manifest.json'), true);
            self::assertSame([], self::breaksSchema($manifest, json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/docs/film-set.schema.json'), true)));
            self::assertSame(0, self::run1(['films:check', $out])->getExitCode());
            self::assertSame(1, self::run1(['gain:chart', '--lpi=55', '--angle=15'])->getExitCode());
        } finally {
            (new Filesystem())->remove($out);
        }
    }

    /** A chart typed in, by per cent and by densities; what comes out is a curve that tone:screen takes. */
    public function testTheGainOfAPressIsReadFromItsChart(): void
    {
        $patches = [];
        foreach (range(10, 90, 10) as $tone) {
            $printed = $tone + 20 * sin(\M_PI * $tone / 100);
            $light = $printed / 100 * 10 ** -1.5 + (1 - $printed / 100) * 10 ** -0.08;
            $patches[] = $tone % 20 === 0 ? ['tone' => $tone, 'printed' => $printed] : ['tone' => $tone, 'density' => -log10($light)];
        }
        $asked = ['readings' => $patches, 'bare_density' => 0.08, 'solid_density' => 1.5];
        $run = self::run1(['gain:read'], json_encode($asked, \JSON_THROW_ON_ERROR));
        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        $told = json_decode($run->getOutput(), true);
        self::assertIsArray($told);
        self::assertEqualsWithDelta(20.0, $told['gain_at_half_pct'], 1.0);
        foreach ($told['curve'] as $point) {
            self::assertEqualsWithDelta($point['tone'] + 20 * sin(\M_PI * $point['tone'] / 100), $point['printed'], 1.0);
            self::assertTrue($point['low'] < $point['printed'] && $point['printed'] < $point['high']);
        }
        self::assertCount(19, $told['points']);
        self::assertLessThan(50.0, $told['points'][9][1]);
        unset($asked['solid_density']);
        $refused = self::run1(['gain:read'], json_encode($asked, \JSON_THROW_ON_ERROR));
        self::assertSame(1, $refused->getExitCode());
        self::assertStringContainsString('solid_density: Densities need', $refused->getErrorOutput());
    }

    /** Written again into the same folder, nothing of the older set is left to be burned with the new one; a mirrored film is seen. */
    #[Group('long')]
    public function testAnOlderSetIsNeverMixedWithTheNewOneAndAMirroredFilmIsSeen(): void
    {
        $out = sys_get_temp_dir().'/ektype-again-'.getmypid();
        $art = $out.'.svg';
        file_put_contents($art, '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 40"><circle cx="20" cy="20" r="14" fill="#f0e2b0"/><rect x="38" y="6" width="16" height="28" fill="#b84a30"/></svg>');
        try {
            $run = self::run1(['art:separate', $art, '--width-mm=60', '--garment=#1b2436', '--formats=png,tiff', '--out='.$out]);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            file_put_contents($out.'/notes.txt', 'mine');
            $run = self::run1(['art:separate', $art, '--width-mm=60', '--garment=#ffffff', '--formats=png', '--out='.$out]);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            self::assertSame(['01-straw.png', '02-rust.png', 'manifest.json', 'notes.txt'], array_values(array_diff((array) scandir($out), ['.', '..'])));
            self::assertSame(0, self::run1(['films:check', $out])->getExitCode());

            $film = new \Imagick($out.'/02-rust.png');
            $film->flopImage();
            $film->writeImage($out.'/02-rust.png');
            $check = self::run1(['films:check', $out]);
            self::assertSame(2, $check->getExitCode());
            self::assertStringContainsString('02-rust.png: it lies mirrored', $check->getOutput());

            file_put_contents($out.'/manifest.json', '{"mine": 1}');
            $run = self::run1(['art:separate', $art, '--width-mm=60', '--garment=#ffffff', '--out='.$out]);
            self::assertSame(1, $run->getExitCode());
            self::assertStringContainsString('none of a film set', $run->getErrorOutput());
            self::assertSame('{"mine": 1}', file_get_contents($out.'/manifest.json'));
        } finally {
            (new Filesystem())->remove([$out, $art]);
        }
    }

    public function testWritesEveryFormatTrueToSizeAndReadsThemBack(): void
    {
        $out = sys_get_temp_dir().'/ektype-formats-'.getmypid();
        $art = $out.'.svg';
        $inks = $out.'.gpl';
        file_put_contents($art, '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 150 60"><rect x="4" y="4" width="60" height="52" fill="#efe1ae"/><rect x="64" y="4" width="80" height="52" fill="#b5482f"/></svg>');
        file_put_contents($inks, "GIMP Palette\nName: House\n#\n240 228 186 House straw\n176 72 47\tBarn red\n");
        try {
            $run = self::run1(
                [
                    'art:separate',
                    $art,
                    '--width-mm=120',
                    '--garment=#1b2436',
                    '--trap-mm=0.2',
                    '--palette='.$inks,
                    '--formats=pdf,png,tiff,svg',
                    '--media=610',
                    '--step-wedge',
                    '--out='.$out,
                ],
            );
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            $manifest = json_decode((string) file_get_contents($out.'/manifest.json'), true);
            self::assertIsArray($manifest);
            self::assertSame(['Base white', 'House straw', 'Barn red'], array_column($manifest['plates'], 'name'));
            self::assertEqualsWithDelta(0.2, $manifest['register_budget']['mm'], 25.4 / 600);
            self::assertTrue($manifest['step_wedge']);
            self::assertSame(
                [],
                self::breaksSchema(
                    $manifest,
                    json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/docs/film-set.schema.json'), true),
                ),
            );
            [$wide, $high] = $manifest['film_mm'];
            // 120 mm of art between the edges of the rust and the straw: 112 mm drawn, in every format to 0.02 mm.
            foreach ($manifest['plates'] as $plate) {
                $png = new \Imagick($out.'/'.$plate['png']);
                self::assertEqualsWithDelta($wide, $png->getImageWidth() / 600 * 25.4, 0.005);
                $info = (new Process(['tiffinfo', $out.'/'.$plate['tiff']]));
                $info->mustRun();
                self::assertStringContainsString('CCITT Group 4', $info->getOutput());
                self::assertStringContainsString('Resolution: 600, 600 pixels/inch', $info->getOutput());
                $svg = simplexml_load_file($out.'/'.$plate['svg']);
                self::assertNotFalse($svg);
                self::assertEqualsWithDelta([$wide, $high], [(float) $svg['width'], (float) $svg['height']], 0.001);
                self::assertStringEndsWith('mm', (string) $svg['width']);
            }
            $pdf = new Process(['pdfinfo', '-l', '3', $out.'/films.pdf']);
            $pdf->mustRun();
            self::assertSame(1, preg_match('/size:\s+([\d.]+) x ([\d.]+) pts/', $pdf->getOutput(), $points));
            self::assertEqualsWithDelta([$wide, $high], [(float) $points[1] / 72 * 25.4, (float) $points[2] / 72 * 25.4], 0.02);

            $check = self::run1(['films:check', $out]);
            self::assertSame(0, $check->getExitCode(), $check->getOutput());
            $read = json_decode($check->getOutput(), true);
            self::assertIsArray($read);
            self::assertTrue($read['in_register']);
            self::assertCount(9, $read['films'], 'three PNG, three TIFF, three pages of PDF');
            self::assertLessThan(0.05, $read['worst_mm']);

            // One film printed off by four pixels is found out.
            $off = new \Imagick($out.'/'.$manifest['plates'][1]['png']);
            $off->rollImage(4, 0);
            $off->setImageFormat('png');
            $off->setOption('png:bit-depth', '1');
            file_put_contents($out.'/'.$manifest['plates'][1]['png'], $off->getImageBlob());
            $check = self::run1(['films:check', $out]);
            self::assertSame(2, $check->getExitCode());
            $read = json_decode($check->getOutput(), true);
            self::assertIsArray($read);
            self::assertEqualsWithDelta(4 * 25.4 / 600, $read['worst_mm'], 0.02);

            file_put_contents($out.'/broken.json', file_get_contents($out.'/manifest.json'));
            file_put_contents($out.'/manifest.json', '{broken');
            $check = self::run1(['films:check', $out]);
            self::assertSame(1, $check->getExitCode());
            self::assertStringContainsString('manifest.json: The manifest beside the films is no JSON', $check->getErrorOutput());
            rename($out.'/broken.json', $out.'/manifest.json');

            $cost = self::run1(['plates:cost', $out.'/manifest.json']);
            self::assertSame(0, $cost->getExitCode(), $cost->getErrorOutput());
            $table = json_decode($cost->getOutput(), true);
            self::assertIsArray($table);
            self::assertSame([2, 1], array_column($table['ranked'], 'inks'));
        } finally {
            (new Filesystem())->remove([$out, $art, $inks]);
        }
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function someWrongFilms(): iterable
    {
        return Measure::some(3, self::wrongFilms());
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function wrongFilms(): iterable
    {
        yield 'a film wider than the media' => [['--media=200'], 'does not go on the media'];
        yield 'no media' => [['--media=wide'], 'is no media'];
        yield 'an unknown format' => [['--formats=pdf,dwg'], 'not written as “dwg”'];
        yield 'no palette' => [['--palette=/nowhere.json'], 'no file “/nowhere.json”'];
        yield 'a range in shares of one' => [['--method=one-ink', '--range=0,1'], 'told in per cent of ink'];
        yield 'a file in place of a folder' => [['--out='.__FILE__], 'is a file, not a folder'];
        yield 'a folder within a file' => [['--out='.__FILE__.'/films'], 'is a file, not a folder'];
        yield 'a trap of 5 mm' => [['--trap-mm=5'], 'must lie from 0 to 2 mm'];
    }

    /** @param list<string> $options */
    #[DataProvider('someWrongFilms')]
    public function testFilmsThatCannotBeAreRefusedAndNothingIsWritten(array $options, string $sentence): void
    {
        $out = sys_get_temp_dir().'/ektype-wrong-'.getmypid();
        $art = $out.'.art.svg';
        file_put_contents(
            $art,
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 40"><circle cx="20" cy="20" r="14" fill="#f0e2b0"/></svg>',
        );
        try {
            $run = self::run1(['art:separate', $art, '--width-mm=260', '--dpi=150', '--garment=#1b2436', '--out='.$out, ...$options]);
            self::assertSame(1, $run->getExitCode());
            self::assertStringContainsString($sentence, $run->getErrorOutput());
            self::assertDirectoryDoesNotExist($out);
        } finally {
            (new Filesystem())->remove([$out, $art]);
        }
    }

    public function testABadPictureLeavesNothingBehind(): void
    {
        $out = sys_get_temp_dir().'/ektype-none-'.getmypid();
        $run = self::run1(['art:separate', __FILE__, '--width-mm=60', '--garment=#1b2436', '--out='.$out]);
        self::assertSame(1, $run->getExitCode());
        self::assertSame('', $run->getOutput());
        self::assertStringContainsString('not a picture that Ektype can read', $run->getErrorOutput());
        self::assertSame([], (array) glob($out.'*'));
    }

    public function testPredictsAsTheModelInClosedForm(): void
    {
        $setting = [
            'lamp' => 'A',
            'lamp_kind' => 'led',
            'emulsion' => 'B',
            'emulsion_kind' => 'dual-cure',
            'thickness_um' => 100,
            'dyed' => false,
            'film' => '',
            'distance_mm' => null,
            'lamp_hours' => 0,
        ];
        $answer = self::json('exposure:predict', ['tests' => [], 'ask' => [$setting]]);
        self::assertEqualsWithDelta(15 * exp(0.6), $answer['answers'][0]['seconds'], 0.001);
    }

    /** Two tests that contradict: named, wide, and said; shares sum to one. */
    public function testSaysWhichTestsSurprise(): void
    {
        $setting = ['lamp' => 'A', 'lamp_kind' => 'led', 'emulsion' => 'B', 'emulsion_kind' => 'dual_cure', 'thickness_um' => 100];
        $answer = self::json('exposure:predict', ['tests' => [[...$setting, 'low_s' => 10, 'high_s' => 12], [...$setting, 'low_s' => 100, 'high_s' => 120]], 'ask' => [$setting]]);
        self::assertContains(true, array_column($answer['surprise'], 'disagrees'));
        self::assertLessThan(12, $answer['answers'][0]['low_s']);
        self::assertGreaterThan(100, $answer['answers'][0]['high_s']);
        self::assertStringContainsString('contradict', $answer['answers'][0]['says']);
        self::assertEqualsWithDelta(1.0, array_sum($answer['answers'][0]['shares']), 0.001);
    }

    public function testPlansReadsAndProposesStepTests(): void
    {
        $plan = self::json('steptest:plan', ['expected_s' => 24, 'strips' => 5]);
        self::assertEquals([8, 16, 24, 32, 40], array_column($plan['timetable'], 'gets_s'));
        self::assertEquals([32, 24, 16, 8, 0], array_column($plan['timetable'], 'left_s'));
        $read = self::json('steptest:read', ['strips' => [
            ['seconds' => 8, 'positive_line_mm' => 0.3, 'reverse_line_mm' => 0.05],
            ['seconds' => 16, 'positive_line_mm' => 0.1, 'reverse_line_mm' => 0.1],
            ['seconds' => 24, 'positive_line_mm' => 0.1, 'reverse_line_mm' => 0.4],
        ]]);
        self::assertEquals([8, 16, 24, 2], [$read['low_s'], $read['best_s'], $read['high_s'], $read['best_strip']]);
        $setting = ['lamp' => 'A', 'lamp_kind' => 'led', 'emulsion' => 'B', 'emulsion_kind' => 'dual_cure', 'thickness_um' => 100];
        $other = ['lamp' => 'C', 'lamp_kind' => 'tubes', 'emulsion' => 'D', 'emulsion_kind' => 'diazo', 'thickness_um' => 100];
        $next = self::json('exposure:next-test', ['wanted' => [$setting, $setting], 'could' => [$other, $setting]]);
        self::assertSame('A', $next['tests'][0]['lamp'], 'a test of what does not wait teaches nothing of it');
        self::assertLessThan($next['tests'][0]['sd_before_ln'], $next['tests'][0]['sd_after_ln']);
        $far = self::json('exposure:distance', ['width_mm' => 300, 'height_mm' => 400, 'now_mm' => 600, 'seconds' => 60]);
        self::assertEqualsWithDelta(650, $far['chosen']['distance_mm'], 1e-9);
        self::assertEqualsWithDelta(60 * (650 / 600) ** 2, $far['chosen']['seconds'], 0.01);
    }

    public function testWritesAFilmForStepTests(): void
    {
        $out = sys_get_temp_dir().'/ektype-test-film-'.getmypid();
        try {
            $run = self::run1(['steptest:film', '--out='.$out, '--strips=5', '--formats=png']);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            $check = self::run1(['films:check', $out]);
            self::assertSame(0, $check->getExitCode(), $check->getOutput().$check->getErrorOutput());
            $manifest = json_decode((string) file_get_contents($out.'/manifest.json'), true);
            self::assertIsArray($manifest);
            self::assertEqualsWithDelta(5 * 17, $manifest['height_mm'], 0.05);
        } finally {
            (new Filesystem())->remove($out);
        }
    }

    public function testOrdersFlashesAndTimesARun(): void
    {
        $plates = [
            ['name' => 'Navy', 'hex' => '#1b2436', 'share_pct' => 20, 'threads_per_cm' => 60, 'touches_pct' => ['Gold' => 3]],
            ['name' => 'Gold', 'hex' => '#dca02c', 'share_pct' => 20, 'threads_per_cm' => 60, 'touches_pct' => ['Navy' => 3]],
            ['name' => 'Base', 'hex' => '#ffffff', 'role' => 'base', 'share_pct' => 40, 'threads_per_cm' => 48, 'overlaps_pct' => ['Gold' => 20, 'Navy' => 20]],
        ];
        $order = self::json('press:order', ['plates' => $plates, 'garment' => '#101010', 'order' => ['Base', 'Navy', 'Gold']]);
        self::assertSame(['Base', 'Gold', 'Navy'], $order['best']['order']);
        self::assertContains('Base', $order['best']['flash_after']);
        self::assertLessThanOrEqual($order['asked']['cost'], $order['best']['cost']);
        $flash = self::json('flash:dwell', ['height_mm' => 45]);
        self::assertTrue($flash['from_s'] < $flash['aim_s'] && $flash['aim_s'] < $flash['to_s']);
        self::assertSame('gelled', $flash['does']);
        $warm = self::json('flash:dwell', ['height_mm' => 45, 'readings' => [['seconds' => 3, 'surface_c' => 110]]]);
        self::assertLessThan($flash['aim_s'], $warm['aim_s'], 'a reading warmer than the usual shortens it');
        $rhythm = self::json('press:rhythm', ['screens' => [['name' => 'Base', 'strokes' => 2, 'flash_s' => 7, 'cool_s' => 5], ['name' => 'Gold']], 'platens' => 4, 'pieces' => 60]);
        self::assertEqualsWithDelta(14 + 2 * 3 + 3 * 2.5, $rhythm['seconds_a_piece'], 1e-9);
    }

    public function testLearnsAPressFromItsLog(): void
    {
        $knob = ['name' => 'Left', 'at_mm' => [-210, 330], 'pushes' => [0, 1], 'mm_per_turn' => 1.25];
        $learned = self::json('register:learn', [
            'knobs' => [['knob' => $knob, 'corrections' => array_map(static fn (float $t): array => ['turns' => $t, 'moved_mm' => 1.5 * $t], [0.4, 0.6, 0.5, 0.8, 0.3, 0.7])]],
            'strike_offs' => array_fill(0, 5, ['ink' => 'white', 'along_stroke_mm' => 0.2]),
        ]);
        self::assertEqualsWithDelta(1.5, $learned['knobs'][0]['mm_per_turn'], 0.05);
        self::assertEqualsWithDelta(0.2, $learned['drag'][0]['along_stroke_mm'], 0.03);
        $shift = self::json('register:shift', ['free_mm' => 500, 'off_contact_mm' => 3, 'centre_from_end_mm' => 250, 'height_mm' => 300, 'drag_mm' => 0.12, 'key_drag_mm' => 0.08]);
        self::assertEqualsWithDelta(-9 / 2 * (1 / 100 - 1 / 400), $shift['stretch_mm']['near'], 1e-4);
        self::assertEqualsWithDelta(0.04, $shift['set_back_mm'], 1e-9);
    }

    /** Three prints that scatter by 0.2 mm about nothing: no turn comes of it, and it is said. */
    public function testDoesNotTurnBackWhatScatters(): void
    {
        $knobs = [
            ['name' => 'L', 'at_mm' => [-200, 300], 'pushes' => [0, 1], 'mm_per_turn' => 1],
            ['name' => 'R', 'at_mm' => [200, 300], 'pushes' => [0, 1], 'mm_per_turn' => 1],
            ['name' => 'S', 'at_mm' => [0, 350], 'pushes' => [1, 0], 'mm_per_turn' => 1],
        ];
        $prints = array_map(static fn (array $shift): array => ['readings' => array_map(
            static fn (array $at): array => ['mark' => implode(',', $at), 'at_mm' => $at, 'off_mm' => $shift],
            [[0, 150], [0, -150], [140, 0]],
        )], [[0.25, -0.1], [-0.2, 0.22], [0.02, -0.18]]);
        $answer = self::json('register:solve', ['press' => ['knobs' => $knobs], 'prints' => $prints, 'tolerance_mm' => 0.1]);
        self::assertEqualsWithDelta([0, 0, 0], array_column($answer['turns'], 'turns'), 1e-6);
        self::assertNull($answer['in_tolerance'], 'scatter wider than the tolerance leaves it open');
        self::assertStringContainsString('This press scatters by 0.2', implode(' ', $answer['says']));
        self::assertGreaterThan(0.1, $answer['standard_errors']['shift_mm'][0]);
    }

    public function testSolvesARegistration(): void
    {
        $knobs = [
            ['name' => 'L', 'at_mm' => [-200, 300], 'pushes' => [0, 1], 'mm_per_turn' => 1],
            ['name' => 'R', 'at_mm' => [200, 300], 'pushes' => [0, 1], 'mm_per_turn' => 1],
            ['name' => 'S', 'at_mm' => [0, 350], 'pushes' => [1, 0], 'mm_per_turn' => 1],
        ];
        $readings = array_map(
            static fn (array $at): array => ['mark' => implode(',', $at), 'at_mm' => $at, 'off_mm' => [0.25, -0.1]],
            [[0, 150], [0, -150], [140, 0]],
        );
        $answer = self::json(
            'register:solve',
            ['press' => ['knobs' => $knobs], 'prints' => [['readings' => $readings]], 'tolerance_mm' => 0.1],
        );
        self::assertEqualsWithDelta([0.25, -0.1], $answer['shift_mm'], 1e-6);
        self::assertEqualsWithDelta(['L' => 0.1, 'R' => 0.1, 'S' => -0.25], array_column($answer['turns'], 'turns', 'knob'), 1e-6);
        self::assertTrue($answer['in_tolerance']);
        self::assertEqualsWithDelta(0.0, $answer['after_mm']['max'], 1e-6);
    }

    public function testSuggestsMeshes(): void
    {
        $answer = self::json(
            'mesh:suggest',
            [
                'role' => 'colour',
                'substrate' => 'cotton',
                'ink' => 'plastisol',
                'finest_line_mm' => 0.3,
                'lpi' => null,
                'garment' => '#1b2436',
            ],
        );
        self::assertCount(21, $answer['meshes']);
        $first = $answer['meshes'][0];
        self::assertEqualsWithDelta(10000 / $first['threads_per_cm'] - $first['thread_um'], $first['opening_um'], 0.01);
    }

    #[Group('long')]
    public function testMeshesWithTheirDataSheetsGapsSchoolsAndOtherPlates(): void
    {
        $sheet = ['threads_per_cm' => 120, 'thread_um' => 34, 'dyed' => true, 'opening_um' => 46, 'thickness_um' => 55];
        $shown = self::json('mesh:show', $sheet)['meshes'][0];
        self::assertTrue($shown['from_sheet']);
        self::assertEqualsWithDelta(100 * (46 / 83.3333) ** 2, $shown['open_area_pct'], 0.01);
        self::assertEqualsWithDelta(0.114, $shown['finest_gap_mm'], 1e-6);

        $asked = ['role' => 'colour', 'substrate' => 'cotton', 'ink' => 'plastisol', 'finest_line_mm' => null, 'garment' => '#ffffff'];
        $ranked = self::json('mesh:suggest', ['finest_gap_mm' => 0.12, 'own_meshes' => [$sheet]] + $asked)['meshes'];
        self::assertCount(22, $ranked);
        foreach ($ranked as $mesh) {
            self::assertSame((2 * $mesh['thread_um'] + $mesh['opening_um']) / 1000 <= 0.12, $mesh['holds'], (string) json_encode($mesh));
        }
        $holds = static function (float $divisor) use ($asked): array {
            $ranked = self::json('mesh:suggest', ['lpi' => 50, 'divisor' => $divisor] + $asked)['meshes'];
            $holding = array_column(array_filter($ranked, static fn (array $m): bool => $m['holds']), 'threads_per_cm');
            self::assertNotEmpty($holding);

            return $holding;
        };
        self::assertGreaterThanOrEqual(50 * 5 / 2.54, min($holds(5)));
        self::assertLessThan(min($holds(6)), min($holds(4)));
        self::assertEquals([165], $holds(8), 'only the finest carries it then');

        $moire = self::json(
            'mesh:moire',
            ['lpi' => 45, 'angle' => 22.5, 'mesh' => $sheet, 'others' => [['lpi' => 45, 'angle' => 52.5], ['lpi' => 45, 'angle' => 22.5]]],
        );
        self::assertEqualsWithDelta(1 / (2 * 45 / 25.4 * sin(deg2rad(15))), $moire['between_plates'][0]['period_mm'], 0.001);
        self::assertSame(
            [0, null],
            [(int) $moire['between_plates'][1]['score'], $moire['between_plates'][1]['period_mm']],
            'one angle: no pattern',
        );

        $film = self::json(
            'stencil:predict',
            [
                'mesh' => ['threads_per_cm' => 77, 'thread_um' => 55],
                'film_um' => 30,
                'air' => ['temperature_c' => 25, 'humidity_pct' => 40],
            ],
        );
        self::assertEqualsWithDelta(21.0, $film['eom_um'], 1e-6);
        self::assertSame(0, (int) $film['emulsion_ml_m2']);
        // The mesh under it was wetted: 88 − 2.1 × 7.7 × π × 55² / 4000 = 49.6 µm of water.
        self::assertEqualsWithDelta(1.3 * 49.58 / 100, $film['drying_h'], 0.006);
    }

    public function testShowsMeshesMoireStencilsRackAndPlan(): void
    {
        $mesh = ['threads_per_cm' => 90, 'thread_um' => 48];
        $shown = self::json('mesh:show', $mesh)['meshes'][0];
        self::assertEqualsWithDelta(100 * (1 - 48 * 90 / 10000) ** 2, $shown['open_area_pct'], 0.001);
        self::assertCount(21, self::json('mesh:show', [])['meshes']);
        $moire = self::json('mesh:moire', ['lpi' => 45, 'angle' => 10, 'mesh' => $mesh]);
        self::assertCount(10, $moire['neighbours']);
        self::assertLessThanOrEqual($moire['score'] + 0.1, $moire['neighbours'][0]['score']);
        $stencil = self::json(
            'stencil:predict',
            [
                'mesh' => $mesh,
                'solids_pct' => 40,
                'readings' => [['mesh' => $mesh, 'solids_pct' => 40, 'eom_um' => 12]],
                'air' => ['temperature_c' => 25, 'humidity_pct' => 40, 'air_m_s' => 1],
            ],
        );
        self::assertGreaterThan($stencil['low_um'], $stencil['eom_um']);
        self::assertSame(1, $stencil['rests_on']);
        self::assertGreaterThan(0, $stencil['drying_h']);
        $frame = ['inside_mm' => [460, 560], 'n_per_cm' => 22] + $mesh;
        $rack = self::json(
            'rack:assign',
            [
                'print_mm' => [250, 300],
                'garment' => '#1b2440',
                'plates' => [['name' => 'Straw', 'finest_line_mm' => 0.3]],
                'frames' => [['label' => '7'] + $frame, ['label' => '8', 'state' => 'to reclaim'] + $frame],
            ],
        );
        self::assertSame('7', $rack['plates'][0]['frame']);
        $screen = static fn (string $name, int $due): array => [
            'name' => $name,
            'coat_min' => 6,
            'dry_min' => 90,
            'expose_min' => 2,
            'wash_min' => 8,
            'redry_min' => 40,
            'tape_min' => 4,
            'due_min' => $due,
        ];
        $plan = self::json('darkroom:plan', ['drying_places' => 2, 'screens' => [$screen('a', 900), $screen('b', 152), $screen('c', 900)]]);
        self::assertSame('b', $plan['sequence'][0]);
        self::assertEqualsWithDelta(0.0, $plan['lateness_min'], 1e-9);
        self::assertCount(18, $plan['steps']);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function someWrong(): iterable
    {
        return Measure::some(6, self::wrong());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function wrong(): iterable
    {
        yield 'thread thicker than the pitch' => [
            'mesh:show',
            '{"threads_per_cm":120,"thread_um":90}',
            'thread_um: A thread of 90 µm does not fit',
        ];
        yield 'humidity of 130 %' => [
            'stencil:predict',
            '{"mesh":{"threads_per_cm":77,"thread_um":55},"air":{"temperature_c":25,"humidity_pct":130}}',
            'air.humidity_pct: Air holds 0 to 100',
        ];
        yield 'tension 90' => ['rack:assign', '{"print_mm":[200,200],"plates":[{"name":"a"}],"frames":[{"label":"1","threads_per_cm":77,"thread_um":55,"inside_mm":[460,560],"n_per_cm":90}]}', 'frames[0].n_per_cm'];
        yield 'a frame of no size' => ['rack:assign', '{"print_mm":[200,200],"plates":[{"name":"a"}],"frames":[{"label":"1","threads_per_cm":77,"thread_um":55,"inside_mm":[460,0],"n_per_cm":20}]}', 'frames[0].inside_mm: Frame “1” has no size inside'];
        yield 'one label twice' => ['rack:assign', '{"print_mm":[200,200],"plates":[{"name":"a"}],"frames":[{"label":"1","threads_per_cm":77,"thread_um":55,"inside_mm":[460,560],"n_per_cm":20},{"label":"1","threads_per_cm":77,"thread_um":55,"inside_mm":[460,560],"n_per_cm":20}]}', 'Two frames are called “1”'];
        yield 'dates backwards' => ['darkroom:plan', '{"screens":[{"name":"a","coat_min":5,"dry_min":60,"expose_min":2,"wash_min":5,"redry_min":30,"tape_min":4,"due_min":10,"ready_min":60}]}', 'due before it can begin'];
        yield 'no json' => ['mesh:suggest', 'role=base', 'not JSON'];
        yield 'no role' => ['mesh:suggest', '{}', 'role: “role” is missing'];
        yield 'no readings' => ['register:solve', '{"prints":[]}', 'There are no readings'];
        yield 'text for a number' => [
            'register:solve',
            '{"prints":[{"readings":[{"mark":"a","at_mm":[0,"x"],"off_mm":[0,0]}]}]}',
            'prints[0].readings[0].at_mm',
        ];
        yield 'nothing asked' => ['exposure:predict', '{"ask":[]}', 'asks nothing'];
        yield 'an old lamp beyond belief' => ['exposure:predict', '{"ask":[{"lamp":"a","emulsion":"b","thickness_um":100,"lamp_hours":300000}]}', 'ask[0].lamp_hours'];
        yield 'a negative time' => ['exposure:predict', '{"tests":[{"lamp":"a","emulsion":"b","thickness_um":100,"low_s":-4}],"ask":[{"lamp":"a","emulsion":"b","thickness_um":100}]}', 'tests[0].low_s'];
        yield 'best outside' => ['exposure:predict', '{"tests":[{"lamp":"a","emulsion":"b","thickness_um":100,"low_s":10,"best_s":9,"high_s":12}],"ask":[{"lamp":"a","emulsion":"b","thickness_um":100}]}', 'does not lie between the limits'];
        yield 'strips out of order' => ['steptest:read', '{"strips":[{"seconds":12,"positive_line_mm":0.1,"reverse_line_mm":0.1},{"seconds":8,"positive_line_mm":0.1,"reverse_line_mm":0.1}]}', 'does not follow'];
        yield 'a lamp on the glass' => ['exposure:distance', '{"width_mm":300,"height_mm":400,"now_mm":0.5,"seconds":60}', 'now_mm'];
        yield 'a flash on the cloth' => ['flash:dwell', '{"height_mm":5}', 'burns the cloth'];
        yield 'an order of strangers' => ['press:order', '{"plates":[{"name":"a","hex":"#112233","share_pct":10}],"order":["b"]}', 'There is no plate “b”'];
        yield 'no screens' => ['press:rhythm', '{"screens":[]}', 'no rhythm'];
        yield 'a log without corrections' => ['register:learn', '{"knobs":[{"knob":{"name":"L","at_mm":[0,300],"pushes":[0,1],"mm_per_turn":1}}]}', 'No correction of the L knob'];
        yield 'an image on the frame' => ['register:shift', '{"free_mm":300,"off_contact_mm":3,"centre_from_end_mm":100,"height_mm":300}', 'is not on a mesh'];
        yield 'a plan around nothing' => ['steptest:plan', '{}', 'nothing to plan around'];
        yield 'a test that tells nothing' => [
            'exposure:predict',
            '{"tests":[{"lamp":"a","emulsion":"b","thickness_um":100}],"ask":[{"lamp":"a","emulsion":"b","thickness_um":100}]}',
            'no time that was read',
        ];
    }

    #[DataProvider('someWrong')]
    public function testRefusesOnStandardErrorWithAnExitCode(string $command, string $input, string $sentence): void
    {
        $run = self::run1([$command, '-'], $input);
        self::assertSame(1, $run->getExitCode());
        self::assertSame('', $run->getOutput());
        self::assertStringContainsString($sentence, $run->getErrorOutput());
        self::assertStringNotContainsString('.php', $run->getErrorOutput(), 'no stack trace');
    }

    /**
     * @param array<string, mixed> $input
     *
     * @return array<mixed>
     */
    private static function json(string $command, array $input): array
    {
        $run = self::run1([$command, '-'], json_encode($input, \JSON_THROW_ON_ERROR));
        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        $answer = json_decode($run->getOutput(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);

        return $answer;
    }

    /**
     * Checks the parts of JSON Schema that the film set uses: type, required, properties, items, enum.
     *
     * @return list<string> what breaks it
     */
    private static function breaksSchema(mixed $value, mixed $schema, string $at = '$'): array
    {
        self::assertIsArray($schema);
        $kind = match (true) {
            $value === null => 'null', \is_bool($value) => 'boolean', \is_int($value) => 'integer', \is_float($value) => 'number', \is_string($value) => 'string',
            \is_array($value) && array_is_list($value) => 'array', default => 'object',
        };
        $allowed = (array) ($schema['type'] ?? [$kind]);
        $broken = \in_array($kind, $allowed, true) || ($kind === 'integer' && \in_array(
            'number',
            $allowed,
            true,
        )) || ($value === [] && \in_array('object', $allowed, true)) ? [] : ["$at is $kind"];
        foreach (\is_array($value) ? $schema['required'] ?? [] : [] as $name) {
            if (!\array_key_exists($name, $value)) {
                $broken[] = "$at lacks $name";
            }
        }
        foreach ($schema['properties'] ?? [] as $name => $inner) {
            if (\is_array($value) && \array_key_exists($name, $value)) {
                array_push($broken, ...self::breaksSchema($value[$name], $inner, "$at.$name"));
            }
        }
        foreach ($kind === 'array' && isset($schema['items']) ? $value : [] as $i => $one) {
            array_push($broken, ...self::breaksSchema($one, $schema['items'], "{$at}[$i]"));
        }

        return $broken;
    }

    /** @param list<string> $arguments */
    private static function run1(array $arguments, string $input = ''): Process
    {
        $run = new Process(
            [\PHP_BINARY, ...self::FAST, \dirname(__DIR__, 2).'/bin/console', ...$arguments],
            null,
            ['APP_ENV' => 'prod', 'EKTYPE_DATA' => sys_get_temp_dir().'/ektype-cli'],
            $input,
            240,
        );
        $run->run();

        return $run;
    }
}
