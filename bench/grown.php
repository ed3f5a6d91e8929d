<?php

declare(strict_types=1);

/*
 * A shop after years of work, laid out on the demo: 3,000 jobs (200 of them open), 500 frames, 1,600 step tests, 3,000
 * readings of tension, 5,000 burns. Asks its pages as browsers do, and prints the 95th percentile of 20 answers each.
 * `./ektype bench grown`.
 */

require dirname(__DIR__).'/vendor/autoload.php';

use Random\Engine\Mt19937;
use Random\Randomizer;

const JOBS = 3000;
const OPEN = 200;
const FRAMES = 500;
const TESTS = 1600;
const TENSIONS = 3000;
const BURNS = 5000;
const ASKED = 20;

$project = dirname(__DIR__);
$data = $project.'/var/bench-grown';
$port = 8398;
if (!is_file($data.'/.laid')) {
    $files = new Symfony\Component\Filesystem\Filesystem();
    $files->remove($data);
    $files->mkdir($data, 0o700);
    $env = ['EKTYPE_DATA' => $data, 'APP_ENV' => 'prod', 'PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME')];
    foreach (['shop:open', 'demo:load'] as $command) {
        $made = proc_open([$project.'/ektype', 'console', $command], [1 => ['file', '/dev/null', 'w']], $pipes, $project, $env);
        if (!is_resource($made) || proc_close($made) !== 0) {
            throw new RuntimeException("$command broke off.");
        }
    }
    lay($data.'/shop.db');
    touch($data.'/.laid');
}
$launcher = proc_open(
    [$project.'/ektype', 'start', "--port=$port"],
    [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
    $pipes,
    $project,
    ['EKTYPE_DATA' => $data, 'PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME')],
);
if (!is_resource($launcher)) {
    throw new RuntimeException('The shop does not open.');
}
register_shutdown_function(static function () use ($launcher): void {
    proc_terminate($launcher);
    proc_close($launcher);
});
/** @return array{float, int, int} seconds, status, bytes */
$ask = static function (string $method, string $path, ?array $body = null) use ($port): array {
    $began = hrtime(true);
    $answer = @file_get_contents("http://127.0.0.1:$port$path", false, stream_context_create(['http' => [
        'method' => $method, 'header' => "Content-Type: application/json\r\nX-Page: bench\r\n", 'timeout' => 120, 'ignore_errors' => true,
        'content' => $body === null ? '' : json_encode($body, \JSON_THROW_ON_ERROR),
    ]]));

    return [(hrtime(true) - $began) / 1e9, (int) substr($http_response_header[0] ?? '', 9, 3), strlen((string) $answer)];
};
for ($began = time(); time() - $began < 240 && $ask('GET', '/api/now')[1] !== 200; usleep(100_000)) {
}
$database = new PDO("sqlite:$data/shop.db");
$one = static function (string $sql) use ($database): int {
    $asked = $database->query($sql);

    return $asked === false ? 0 : (int) $asked->fetchColumn();
};
$open = $one('SELECT MAX(id) FROM job WHERE finished_on IS NULL');
$photo = $one("SELECT id FROM job WHERE name = 'Low Tide Ferry' ORDER BY id LIMIT 1");
printf("%-44s %9s %9s %9s   %s\n", 'a shop of 3,000 jobs', 'median s', 'p95 s', 'kB', 'aim p95');
foreach ([
    ['jobs', 'GET', '/api/jobs', null, 0.3],
    ['jobs, found by name', 'GET', '/api/jobs?find=ferry', null, 0.3],
    ['dark room', 'GET', '/api/darkroom', null, 0.3],
    ['lamp', 'GET', '/api/lamps/1', null, 0.3],
    ['light of a job', 'GET', "/api/jobs/$open/light", null, 0.3],
    ['rack and all shelves', 'GET', '/api/shop', null, 0.3],
    ['a frame', 'GET', '/api/frames/1', null, 0.3],
    ['next step tests', 'GET', '/api/step-tests/next', null, 0.3],
    ['head of a job', 'GET', "/api/jobs/$open", null, 0.3],
    ['screens of a job', 'GET', "/api/jobs/$open/screens", null, 0.3],
    ['press of a job', 'GET', "/api/jobs/$open/press", null, 0.3],
    ['a quantity changed', 'PATCH', "/api/jobs/$open", ['quantity' => 1], 0.15],
] as [$what, $method, $path, $body, $aim]) {
    [$times, $bytes] = [[], 0];
    $first = $ask($method, $path, $body);
    for ($i = 0; $i < ASKED; ++$i) {
        [$s, $status, $bytes] = $ask($method, $path, $body === null ? null : ['quantity' => $i + 2]);
        $times[] = $s;
        if ($status !== 200) {
            printf("%-44s answered %d\n", $what, $status);
            continue 2;
        }
    }
    sort($times);
    printf("%-44s %9.3f %9.3f %9.1f   %.2f (the first look %.3f)\n", $what, $times[intdiv(ASKED, 2)], $times[(int) ceil(0.95 * ASKED) - 1], $bytes / 1000, $aim, $first[0]);
}
// All at once, as the page of a new picture asks them; nothing of it was kept before.
(new Symfony\Component\Filesystem\Filesystem())->remove([...(array) glob("$data/files/tables/*"), ...(array) glob("$data/files/jobs/$photo/proof-*")]);
$began = hrtime(true);
$asked = [];
foreach (['spot', 'one ink', 'two-tone', 'process', 'simulated', 'index', 'layers'] as $method) {
    $one = proc_open(
        ['php', '-r', 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);', "http://127.0.0.1:$port/api/jobs/$photo/method/".rawurlencode($method)],
        [],
        $pipes,
    );
    if (!is_resource($one)) {
        throw new RuntimeException('No further process can be started.');
    }
    $asked[$method] = $one;
}
foreach ($asked as $method => $one) {
    if (proc_close($one) !== 0) {
        printf("%-44s was not answered\n", $method);
    }
}
printf("%-44s %9.3f %19s   4 s\n", 'all methods of a photograph, asked at once', (hrtime(true) - $began) / 1e9, '');

function lay(string $file): void
{
    $shop = new PDO('sqlite:'.$file, null, null, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_DEFAULT_FETCH_MODE => PDO::FETCH_ASSOC]);
    $random = new Randomizer(new Mt19937(3000));
    $rows = static function (string $sql) use ($shop): array {
        $asked = $shop->query($sql);

        return $asked === false ? [] : $asked->fetchAll();
    };
    $put = static function (string $table, array $row) use ($shop): int {
        unset($row['id']);
        $names = implode(', ', array_map(static fn (string $n): string => '"'.$n.'"', array_keys($row)));
        $shop->prepare(sprintf('INSERT INTO %s (%s) VALUES (%s)', $table, $names, implode(', ', array_fill(0, count($row), '?'))))->execute(array_values($row));

        return (int) $shop->lastInsertId();
    };
    $day = static fn (int $ago): string => date('Y-m-d', time() - 86_400 * $ago);
    $shop->beginTransaction();
    $lamps = array_column($rows('SELECT id FROM lamp'), 'id');
    $emulsions = array_column($rows('SELECT id FROM emulsion'), 'id');
    $lamp = $rows('SELECT * FROM lamp')[0];
    foreach (['Second table', 'Arc lamp'] as $name) {
        $lamps[] = $put('lamp', ['name' => $name] + $lamp);
    }
    $emulsion = $rows('SELECT * FROM emulsion')[0];
    $emulsions[] = $put('emulsion', ['name' => 'Winter dual-cure'] + $emulsion);
    $frames = $rows('SELECT * FROM frame');
    for ($i = count($frames); $i < FRAMES; ++$i) {
        $like = $frames[$i % 39];
        $frames[] = ['id' => $put('frame', ['label' => 'G'.$i, 'state' => 'bare'] + $like)] + $like;
    }
    $sources = $rows('SELECT * FROM job');
    $plates = [];
    foreach ($sources as $source) {
        $plates[$source['id']] = $rows('SELECT * FROM plate WHERE job_id = '.$source['id']);
    }
    $burnable = [];
    for ($i = count($sources); $i < JOBS; ++$i) {
        $source = $sources[$i % count($sources)];
        $isOpen = $i >= JOBS - OPEN + count($sources);
        $ago = JOBS - $i;
        $job = $put('job', [
            'name' => $source['name'].' '.$i,
            'due_on' => $isOpen ? $day(-$random->getInt(1, 60)) : $day(intdiv($ago, 2)),
            'finished_on' => $isOpen ? null : $day(intdiv($ago, 2)),
            'created_at' => $day(intdiv($ago, 2) + 10).' 09:00:00',
        ] + $source);
        foreach ($plates[$source['id']] as $plate) {
            $burnable[] = [$put('plate', ['job_id' => $job, 'frame_id' => null] + $plate), $isOpen];
        }
    }
    $stencil = $rows('SELECT * FROM stencil WHERE burned_seconds IS NOT NULL')[0];
    for ($i = 0; $i < BURNS; ++$i) {
        $frame = $frames[$random->getInt(0, FRAMES - 1)];
        $ago = intdiv(BURNS - $i, 4) + 1;
        $put('stencil', [
            'frame_id' => $frame['id'], 'threads_per_cm' => $frame['threads_per_cm'], 'thread_um' => $frame['thread_um'], 'dyed' => $frame['dyed'],
            'sheet_opening_um' => $frame['sheet_opening_um'], 'sheet_thickness_um' => $frame['sheet_thickness_um'],
            'emulsion_id' => $emulsions[$i % count($emulsions)], 'lamp_id' => $lamps[$i % count($lamps)],
            'plate_id' => null, 'burned_seconds' => round([24, 260, 22, 60][$i % count($lamps) % 4] * [1.0, 0.55, 1.15][$i % count($emulsions) % 3] * exp(0.1 * ($random->getInt(-100, 100) / 100)), 1),
            'coated_at' => $day($ago).' 17:00:00', 'ready_at' => $day($ago).' 19:00:00', 'gone_on' => $day(max(0, $ago - 5)),
        ] + $stencil);
    }
    // Times as a shop finds them: lamps and emulsions of their own, thickness to the power of 1.2, strips a tenth apart, one slip in twenty.
    $test = $rows('SELECT * FROM step_test')[0];
    $normal = static fn (): float => sqrt(-2 * log(max(1e-9, $random->getInt(1, 1_000_000) / 1e6))) * cos(2 * \M_PI * $random->getInt(1, 1_000_000) / 1e6);
    for ($i = count($rows('SELECT id FROM step_test')); $i < TESTS; ++$i) {
        [$lamp, $emulsion, $um, $dyed] = [$i % count($lamps), intdiv($i, 4) % count($emulsions), $random->getInt(60, 180), $i % 2];
        $best = [24, 260, 22, 60][$lamp % 4] * [1.0, 0.55, 1.15][$emulsion % 3] * ($um / 110) ** 1.2 * ($dyed === 1 ? 1.3 : 1.0) * exp(0.06 * $normal());
        $best *= $i % 20 === 0 ? ($i % 40 === 0 ? 2.0 : 0.5) : 1.0;
        $put('step_test', [
            'done_on' => $day(TESTS - $i), 'thickness_um' => $um, 'dyed' => $dyed, 'lamp_id' => $lamps[$lamp],
            'emulsion_id' => $emulsions[$emulsion], 'low_s' => round(0.9 * $best, 1), 'best_s' => round($best, 1), 'high_s' => round(1.1 * $best, 1),
            'lamp_hours' => 100 + $i / 4,
        ] + $test);
    }
    for ($i = 0; $i < TENSIONS; ++$i) {
        $five = json_encode(array_map(static fn (): float => round(22 + $random->getInt(-20, 20) / 10, 1), range(1, 5)));
        $put('tension_reading', ['done_on' => $day(intdiv(TENSIONS - $i, 3)), 'along' => $five, 'across' => $five, 'frame_id' => $frames[$i % FRAMES]['id']]);
    }
    $shop->commit();
    $shop->exec('UPDATE write_lock SET turn = turn + 1');
}
