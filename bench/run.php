<?php

declare(strict_types=1);

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Raster\Spread;
use Ektype\Core\Separation\ColourFieldReader;
use Ektype\Core\Separation\PaletteFinder;
use Ektype\Core\Separation\PlateRaster;
use Symfony\Component\Filesystem\Filesystem;

require dirname(__DIR__).'/vendor/autoload.php';

/*
 * Measures the kernels, art:separate as a whole process, and the answers of the API on this machine. Nothing here is a
 * test: the figures are printed beside what is aimed at. `./ektype bench api` asks the API alone.
 */

if (($argv[1] ?? '') === 'scan') {
    require __DIR__.'/scan.php';
    exit;
}

$project = dirname(__DIR__);
$say = static function (string $what, string $figure, string $aim = ''): void {
    printf("%-58s %16s   %s\n", $what, $figure, $aim);
};

/** A picture of 300 × 350 mm in so many inks, drawn here: discs, bars and lettering-like strokes on navy. */
$draw = static function (int $width, string $file, int $count = 3): void {
    $height = (int) round($width * 350 / 300);
    $picture = imagecreatetruecolor(max(1, $width), max(1, $height));
    if ($picture === false) {
        throw new RuntimeException('There is no memory for the picture.');
    }
    imageantialias($picture, true);
    imagefilledrectangle($picture, 0, 0, $width, $height, 0x1B2436);
    $mm = $width / 300;
    $inks = array_slice([0xF0E2B0, 0xDC8A2C, 0xB84A30, 0x8FB3A2, 0x23489C], 0, $count);
    mt_srand(12);
    imagefilledellipse($picture, (int) (150 * $mm), (int) (140 * $mm), (int) (230 * $mm), (int) (230 * $mm), 0xF0E2B0);
    for ($i = 0; $i < 160; ++$i) {
        $size = mt_rand(4, 40) * $mm;
        imagefilledellipse(
            $picture,
            (int) (mt_rand(10, 290) * $mm),
            (int) (mt_rand(10, 260) * $mm),
            (int) $size,
            (int) ($size * mt_rand(5, 15) / 10),
            $inks[$i % $count],
        );
    }
    for ($i = 0; $i < 90; ++$i) {
        $x = (12 + $i * 3.05) * $mm;
        imagefilledrectangle(
            $picture,
            (int) $x,
            (int) (280 * $mm),
            (int) ($x + 1.4 * $mm),
            (int) ((285 + ($i * 37 % 50)) * $mm),
            $inks[$i % $count],
        );
    }
    // Smoothed edges, as drawing programs make them.
    $half = imagescale($picture, intdiv($width, 2), -1, \IMG_BILINEAR_FIXED);
    if ($half === false) {
        throw new RuntimeException('There is no memory for the picture.');
    }
    imagepng($half, $file, 3);
};

if (($argv[1] ?? '') === 'api') {
    require __DIR__.'/api.php';
    exit;
}
$folder = sys_get_temp_dir().'/ektype-bench-'.getmypid();
mkdir($folder);
register_shutdown_function(static function () use ($folder): void {
    (new Filesystem())->remove($folder);
});

printf("PHP %s, %s\n\nKernels, one process\n", \PHP_VERSION, trim((string) shell_exec('nproc')).' cores');
$draw(7086, $folder.'/art300.png');
$file = Ektype\Core\Art\ArtFile::at($folder.'/art300.png');
$time = static function (callable $work): array {
    $start = hrtime(true);
    $result = $work();

    return [$result, (hrtime(true) - $start) / 1e9];
};
[$art, $s] = $time(static fn () => Ektype\Core\Art\ArtDecoder::over($file, Srgb::fromHex('#1b2436')));
$mpx = $art->width * $art->height / 1e6;
$say('decode a PNG over its garment', sprintf('%.1f Mpx/s', $mpx / $s));
[$palette, $s] = $time(static fn () => PaletteFinder::find($art));
$say('find the flat colours (asked on a grid)', sprintf('%.2f s', $s));
[$owners, $s] = $time(static fn () => ColourFieldReader::clearOwners($art, $palette));
$say('clear owners', sprintf('%.1f Mpx/s', $mpx / $s));
[$field, $s] = $time(static fn () => ColourFieldReader::read($art, $palette, $owners));
$say('edge mixtures', sprintf('%.1f Mpx/s', $mpx / $s));
[$filmW, $filmH] = [7087, 8268];
$film = $filmW * $filmH / 1e6;
[$planes, $s] = $time(static fn () => PlateRaster::draw($field, $filmW, $filmH, $palette->leaders()));
$say('draw all plates at 600 dpi', sprintf('%.1f Mpx/s', $film / $s));
/** @var non-empty-array<int, BitPlane> $planes */
$plane = $planes[array_key_first($planes)];
[$choked, $s] = $time(static fn () => Spread::choke($plane, 5.9));
$say('choke by 0.25 mm at 600 dpi', sprintf('%.1f Mpx/s', $film / $s));
[, $s] = $time(static fn () => PngFile::ofPlane($choked, 600));
$say('write a 1-bit PNG', sprintf('%.1f Mpx/s', $film / $s));
[, $s] = $time(static fn () => CoverageMap::of($plane));
$say('count coverage for the pull', sprintf('%.1f Mpx/s', $film / $s));
unset($art, $owners, $field, $planes, $plane, $choked);

/**
 * A command as a whole process, with all its children: seconds, and the most memory of the process and its children
 * together, three runs.
 *
 * @param list<string> $arguments
 *
 * @return array{list<float>, float}
 */
$whole = static function (array $arguments) use ($project): array {
    $times = [];
    $peak = 0.0;
    for ($run = 0; $run < 3; ++$run) {
        $start = hrtime(true);
        $process = proc_open(
            [
                \PHP_BINARY,
                '-d',
                'opcache.enable_cli=1',
                '-d',
                'opcache.jit=1054',
                '-d',
                'opcache.jit_buffer_size=128M',
                '-d',
                'memory_limit=2G',
                $project.'/bin/console',
                ...array_values(array_map(strval(...), $arguments)),
            ],
            [1 => ['file', '/dev/null', 'w']],
            $pipes,
        );
        if (!is_resource($process)) {
            throw new RuntimeException('The process does not start.');
        }
        $pid = proc_get_status($process)['pid'];
        while (proc_get_status($process)['running']) {
            // Proportional set size: what a child shares with its parent counts once.
            $sum = 0.0;
            foreach ([
                $pid,
                ...array_filter(explode(' ', trim((string) @file_get_contents("/proc/$pid/task/$pid/children"))), static fn (string $child): bool => $child !== ''),
            ] as $one) {
                if (preg_match('/^Pss:\s+(\d+)/m', (string) @file_get_contents("/proc/$one/smaps_rollup"), $found) === 1) {
                    $sum += (int) $found[1] / 1024;
                }
            }
            $peak = max($peak, $sum);
            // Asking for memory holds the process up: seldom enough not to be seen in the time.
            usleep(300_000);
        }
        $times[] = (hrtime(true) - $start) / 1e9;
    }
    sort($times);

    return [$times, $peak];
};

echo "\nScreens, one process\n";
mt_srand(40);
$screens = array_map(
    static fn (int $i): Ektype\Core\Darkroom\ScreenWork => new Ektype\Core\Darkroom\ScreenWork(
        "s$i",
        'job '.intdiv($i, 4),
        0 === $i % 3 ? 'tubes' : 'LED',
        6,
        mt_rand(30, 180),
        mt_rand(2, 9),
        washMin: 8,
        redryMin: mt_rand(20, 60),
        tapeMin: 4,
        dueMin: mt_rand(300, 1500),
    ),
    range(0, 39),
);
[$plan, $s] = $time(static fn () => Ektype\Core\Darkroom\Planner::plan($screens, new Ektype\Core\Darkroom\Darkroom(10)));
$say('plan a day of 40 screens', sprintf('%.2f s', $s), 'aim 1 s');
$meshes = Ektype\Core\Mesh\MeshCatalogue::typical();
$rack = array_map(
    static fn (int $i): Ektype\Core\Choice\RackFrame => new Ektype\Core\Choice\RackFrame(
        "f$i",
        $meshes[$i % count($meshes)],
        460,
        560,
        18 + mt_rand(0, 80) / 10,
        0 === $i % 3 ? Ektype\Core\Screen\FrameState::ToReclaim : Ektype\Core\Screen\FrameState::Bare,
    ),
    range(0, 39),
);
$wants = array_map(
    static fn (int $i): Ektype\Core\Choice\RackPlate => new Ektype\Core\Choice\RackPlate(
        "p$i",
        new Ektype\Core\Choice\MeshQuestion(
            0 === $i ? Ektype\Core\Plate\PlateRole::Base : Ektype\Core\Plate\PlateRole::Colour,
            Ektype\Core\Plate\Substrate::Cotton,
            Ektype\Core\Ink\InkKind::Plastisol,
            0 === $i % 2 ? 0.3 : null,
            null,
            Ektype\Core\Colour\Lab::of(Srgb::fromHex('#1b2436')),
        ),
    ),
    range(0, 7),
);
foreach ([[600.0, 2, 60], [1200.0, 4, 110]] as [$dpi, $times, $aim]) {
    // So few rows are the work of one process: tones of light and shade, 305 mm wide.
    [$across, $down] = [(int) ceil(305 / 25.4 * $dpi / $times), intdiv(1000, $times)];
    $wave = implode('', array_map(static fn (int $x): string => chr((int) (127 + 120 * sin($x / 40))), range(0, $across + 500)));
    $tones = new Ektype\Core\Raster\ToneRaster($across, $down, implode('', array_map(static fn (int $y): string => substr($wave, 7 * $y % 500, $across), range(0, $down - 1))));
    $screening = Ektype\Core\Halftone\Screening::with(Ektype\Core\Halftone\Supercell::for($dpi, 45, 22.5), Ektype\Core\Halftone\Dot::Round, $across * $times);
    [, $s] = $time(static fn () => $screening->film($tones, $times, $down * $times));
    $say(sprintf('dots at %g dpi, 305 mm wide, one core', $dpi), sprintf('%.0f Mpx/s', $across * $down * $times ** 2 / 1e6 / $s), "aim $aim Mpx/s");
}
[, $s] = $time(static fn () => Ektype\Core\Choice\RackAssignment::best($wants, $rack, new Ektype\Core\Choice\PrintOnFrames(250, 300, 280)));
$say('the best set of 40 frames for 8 plates', sprintf('%.0f ms', 1000 * $s), 'aim 1 s');
$moire = new Ektype\Core\Mesh\Moire(new Ektype\Core\Mesh\Mesh(90, 48));
[, $s] = $time(static fn () => $moire->map(range(20.0, 66.0, 2.0), range(0.0, 90.0, 2.0)));
$say('moire map, 24 rulings by 46 angles', sprintf('%.0f ms', 1000 * $s));
[, $s] = $time(static fn () => Ektype\Core\Mesh\MoirePicture::png($moire->beats(45, 5), 45, 5, 0.4, 60, 36));
$say('moire picture, 60 × 36 mm', sprintf('%.0f ms', 1000 * $s));

echo "\nthe light, whole process through the launcher\n";
foreach ([['500 tests under 3 lamps, 100 asks', 500, 3, 4, 'aim 0.5 s'], ['400 lamps with a test each, 100 asks', 400, 400, 6, 'aim 3 s']] as [$what, $tests, $lamps, $emulsions, $aim]) {
    mt_srand(3);
    $of = static fn (int $i): array => ['lamp' => 'L'.$i % $lamps, 'lamp_kind' => 'tubes', 'emulsion' => 'E'.mt_rand(0, $emulsions - 1), 'emulsion_kind' => 'diazo', 'thickness_um' => 60 + mt_rand(0, 90), 'dyed' => mt_rand(0, 1) === 1, 'lamp_hours' => mt_rand(0, 1000)];
    $asked = ['tests' => [], 'ask' => []];
    for ($i = 0; $i < $tests; ++$i) {
        $setting = $of($i);
        $s = (20 + 10 * ($i % $lamps % 3)) * ($setting['thickness_um'] / 100) ** 1.2 * (mt_rand(0, 9) === 0 ? 2.5 : 1.0) * (1 + 0.1 * mt_rand(-100, 100) / 100);
        $asked['tests'][] = [...$setting, 'low_s' => round(0.92 * $s, 2), ...($i % 9 === 0 ? [] : ['high_s' => round(1.08 * $s, 2)])];
    }
    for ($i = 0; $i < 100; ++$i) {
        $asked['ask'][] = $of(mt_rand(0, $lamps - 1));
    }
    file_put_contents($folder.'/light.json', json_encode($asked, \JSON_THROW_ON_ERROR));
    $took = [];
    for ($i = 0; $i < 3; ++$i) {
        $from = microtime(true);
        exec(escapeshellarg($project.'/ektype').' console exposure:predict '.escapeshellarg($folder.'/light.json'));
        $took[] = microtime(true) - $from;
    }
    sort($took);
    $say($what, sprintf('%.2f s (%.2f–%.2f)', $took[1], $took[0], $took[2]), $aim);
}

echo "\nstrips by the simulated scanner\n";
$scanner = new Ektype\App\Device\SimulatedStripScanner();
$reader = new Ektype\App\Work\Strip\ScannedStrips(new Ektype\App\Work\Picture\ScannedPositive());
[$right, $unsure, $wrong, $read] = [0, 0, 0, 0.0];
for ($i = 0; $i < 20; ++$i) {
    mt_srand($i);
    $rightS = 10 * exp(mt_rand(-100, 200) / 100);
    $plan = Ektype\Core\StepTest\StepPlan::around($rightS * exp(mt_rand(-35, 35) / 100), 0.6 * $rightS, 1.7 * $rightS);
    $seconds = array_map(static fn (Ektype\Core\StepTest\StripTime $strip): float => $strip->getsS, $plan->strips);
    file_put_contents("$folder/strips$i.jpg", $scanner->picture($rightS, $seconds, $i));
    $from = microtime(true);
    $seen = $reader->read("$folder/strips$i.jpg", $seconds);
    $read += microtime(true) - $from;
    $best = Ektype\Core\StepTest\StripsRead::of($scanner->truth($rightS, $seconds))->bestS;
    $seen->read->bestS === $best ? ++$right : ($seen->unsure ? ++$unsure : ++$wrong);
}
$say('the true best strip, of 20 pictures', sprintf('%d, unsure %d, wrong %d', $right, $unsure, $wrong), 'aim 19');
$say('read a picture of strips', sprintf('%.1f s', $read / 20));

echo "\nart:separate, whole process, 300 × 350 mm\n";
$draw(14174, $folder.'/art600.png');
$draw(7086, $folder.'/six300.png', 5);
foreach ([
    ['four plates at 600 dpi, art at 300 ppi', 'art300.png', [], 'aim 12 s, 1200 MB'],
    ['four plates at 600 dpi, art at 600 ppi', 'art600.png', [], 'aim 12 s, 1200 MB'],
    ['six plates at 600 dpi, trap, PDF and TIFF', 'six300.png', ['--trap-mm=0.2', '--formats=pdf,tiff'], 'aim 10 s, 1000 MB'],
    [
        'six plates at 1200 dpi, trap, PDF and TIFF',
        'six300.png',
        ['--trap-mm=0.2', '--formats=pdf,tiff', '--dpi=1200'],
        'aim 40 s, 2000 MB',
    ],
] as [$what, $file, $options, $aim]) {
    [$times, $peak] = $whole(['art:separate', "$folder/$file", '--width-mm=300', '--garment=#1b2436', ...$options, "--out=$folder/films"]);
    $say($what, sprintf('%.1f s (%.1f–%.1f), %.0f MB', $times[1], $times[0], $times[2], $peak), $aim);
}
$painted = (new Ektype\App\Demo\DemoPainting())->slackWater();
$photograph = new Imagick();
$photograph->readImageBlob($painted);
foreach (['photo' => [3543, 4134], 'long' => [3602, 4193]] as $name => [$across, $down]) {
    $large = clone $photograph;
    $large->resizeImage($across, $down, Imagick::FILTER_TRIANGLE, 1);
    $large->writeImage("$folder/$name.jpg");
    $large->setImageColorspace(Imagick::COLORSPACE_GRAY);
    $large->writeImage("$folder/$name-grey.jpg");
}
foreach ([
    ['two tones by colour at 600 dpi, PDF and TIFF', 'photo.jpg', 300, ['--method=two-tone', '--middle=picture', '--formats=pdf,tiff'], 'aim 6 s'],
    ['two tones of a grey picture at 600 dpi, PDF and TIFF', 'photo-grey.jpg', 300, ['--method=two-tone', '--formats=pdf,tiff'], 'aim 6 s'],
    ['two tones by colour at 1200 dpi, PDF and TIFF', 'photo.jpg', 300, ['--method=two-tone', '--middle=picture', '--formats=pdf,tiff', '--dpi=1200'], 'aim 25 s, 1000 MB'],
    ['one ink, 305 × 355 mm, grey JPEG of 300 ppi to Group 4', 'long-grey.jpg', 305, ['--method=one-ink', '--formats=tiff'], 'aim 1.65 s'],
] as [$what, $file, $wide, $options, $aim]) {
    [$times, $peak] = $whole(['art:separate', "$folder/$file", "--width-mm=$wide", '--garment=#8f3a30', ...$options, "--out=$folder/films"]);
    $say($what, sprintf('%.1f s (%.1f–%.1f), %.0f MB', $times[1], $times[0], $times[2], $peak), $aim);
}
// Many inks: a shelf of twenty, name, colour and hiding.
$shelf = [
    ['White', '#f6f4ee', 0.93],
    ['Red', '#c8202c', 0.85],
    ['Yellow', '#f2d028', 0.8],
    ['Blue', '#2050a8', 0.85],
    ['Green', '#1f8a44', 0.85],
    ['Grey', '#8a8a88', 0.9],
    ['Navy', '#1b2440', 0.92],
    ['Orange', '#ee6b1f', 0.85],
    ['Gold', '#dc9a2c', 0.85],
    ['Purple', '#5a2c7c', 0.88],
    ['Brown', '#6b4428', 0.9],
    ['Teal', '#0e6e6a', 0.85],
    ['Sky', '#6db3e4', 0.88],
    ['Pink', '#f4a9c0', 0.88],
    ['Lime', '#a9cf3c', 0.82],
    ['Magenta', '#cf1f7e', 0.85],
    ['Tan', '#b98d5c', 0.9],
    ['Maroon', '#6b1d33', 0.9],
    ['Slate', '#566069', 0.92],
    ['Black', '#111111', 0.95],
];
file_put_contents("$folder/shelf.json", json_encode(['inks' => array_map(static fn (array $ink): array => ['name' => $ink[0], 'hex' => $ink[1], 'hiding' => $ink[2], 'kind' => 'plastisol'], $shelf)], \JSON_THROW_ON_ERROR));
foreach ([
    ['six screens of many inks, chosen from twenty, PDF and TIFF', 'photo.jpg', 300, '#111111', ['--method=simulated', '--plates=6', "--palette=$folder/shelf.json", '--lpi=55', '--formats=pdf,tiff'], 'aim 20 s, 1200 MB'],
    ['four-colour process, 305 × 355 mm, TIFF', 'long.jpg', 305, '#ffffff', ['--method=process', '--lpi=55', '--formats=tiff'], 'aim 6.2 s'],
    ['index of seven screens at 180 squares an inch, PDF and TIFF', 'photo.jpg', 300, '#111111', ['--method=index', '--plates=7', "--palette=$folder/shelf.json", '--index-dpi=180', '--formats=pdf,tiff'], ''],
] as [$what, $file, $wide, $garment, $options, $aim]) {
    [$times, $peak] = $whole(['art:separate', "$folder/$file", "--width-mm=$wide", "--garment=$garment", ...$options, "--out=$folder/films"]);
    $say($what, sprintf('%.1f s (%.1f–%.1f), %.0f MB', $times[1], $times[0], $times[2], $peak), $aim);
}
$whole(['art:separate', "$folder/six300.png", '--width-mm=300', '--garment=#1b2436', "--out=$folder/films"]);
[$times] = $whole(['plates:cost', "$folder/films/manifest.json"]);
$say('plates:cost of the six plates, whole process', sprintf('%.2f s', $times[1]), 'aim 1 s');
[, $s] = $time(static function (): array {
    $inks = array_map(
        static fn (int $i): Ektype\Core\Separation\InkArea => new Ektype\Core\Separation\InkArea(
            "ink $i",
            new Srgb(30 * $i, 255 - 20 * $i, 40 + 25 * $i),
            10.0 + $i,
        ),
        range(0, 7),
    );

    return (new Ektype\Core\Method\Spot\PlateCost($inks, Srgb::fromHex('#1b2436'), true))->ranked();
});
$say('cost table of 8 colours', sprintf('%.0f ms', 1000 * $s), 'aim 1 s');

echo "\nAPI, 20 jobs in the database\n";
require __DIR__.'/api.php';
