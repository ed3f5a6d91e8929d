<?php

declare(strict_types=1);

use Ektype\App\Kernel;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\NullOutput;

/** @var Closure(string, string, string): void $say of run.php */

/*
 * Fills a shop with the demo and copies of its furthest job up to twenty, serves it as the launcher does, and asks.
 */

$data = dirname(__DIR__).'/var/bench';
putenv("EKTYPE_DATA=$data");
$_SERVER['EKTYPE_DATA'] = $_ENV['EKTYPE_DATA'] = $data;
$kernel = new Kernel('prod', false);
$application = new Application($kernel);
$application->setAutoExit(false);
$application->run(new ArrayInput(['command' => 'demo:load']), new NullOutput());
$database = new PDO("sqlite:$data/shop.db");
$rows = static function (string $sql) use ($database): array {
    $found = $database->query($sql);

    return $found === false ? throw new RuntimeException("The shop does not answer: $sql") : $found->fetchAll(PDO::FETCH_ASSOC);
};
$columns = static fn (string $table): string => implode(
    ', ',
    array_map(
        static fn (array $c): string => '"'.$c['name'].'"',
        array_filter(
            $rows("PRAGMA table_info($table)"),
            static fn (array $c): bool => !in_array($c['name'], ['id', 'job_id', 'frame_id'], true),
        ),
    ),
);
while (count($rows('SELECT id FROM job')) < 20) {
    $job = $columns('job');
    $database->exec("INSERT INTO job ($job) SELECT $job FROM job WHERE id = 2");
    $id = (int) $database->lastInsertId();
    $plate = $columns('plate');
    // A frame holds one plate: those of the copies have none yet.
    $database->exec("INSERT INTO plate ($plate, job_id) SELECT $plate, $id FROM plate WHERE job_id = 2");
}
$port = 8399;
$server = proc_open(
    [dirname(__DIR__).'/ektype', 'start', "--port=$port"],
    [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
    $pipes,
    null,
    ['EKTYPE_DATA' => $data, 'PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME')],
);
if (!is_resource($server)) {
    throw new RuntimeException('The server does not start.');
}
for ($i = 0; $i < 2400 && @file_get_contents("http://127.0.0.1:$port/api/shop") === false; ++$i) {
    usleep(50_000);
}
foreach ([
    '/api/jobs' => 'all jobs',
    '/api/jobs/2' => 'the head of a job',
    '/api/jobs/2/art/bench' => 'the bench of the art',
    '/api/jobs/2/plates' => 'the bench of the plates',
    '/api/jobs/2/films' => 'the bench of the films',
    '/api/jobs/2/screens' => 'the bench of the screens',
    '/api/jobs/2/light' => 'the bench of the light',
    '/api/jobs/2/press' => 'the bench of the press',
    '/api/jobs/2/run' => 'the bench of the run',
    '/api/jobs/9/run/count' => 'the count of a run',
    '/api/jobs/2/cure' => 'the bench of the cure',
    '/api/days' => 'the days of all jobs',
    '/api/plates/2/frames' => 'the rack as a plate sees it',
    '/api/plates/2/why' => 'why, of a strip',
    '/api/shop' => 'the shelves',
    '/api/jobs/2/pull/5.png' => 'the pull, drawn before',
    '/api/jobs/2/loupe.png?x=137&y=131&mm=10&plate=3&dx=%s&dy=0.1&turn=0.05' => 'the loupe on a misfit, drawn anew each time',
    '/api/jobs/2/table/loupe.png?x=160&y=12&mm=10' => 'the loupe on the light table',
    '/api/jobs/2/costs' => 'what each plate buys',
    '/api/plates/2/meshes' => 'what another mesh would change',
    '/api/plates/2/moire?lpi=4%s&angle=12' => 'a ruling against its mesh',
    '/api/plates/2/moire/map' => 'the map of rulings and angles',
    '/api/frames/13' => 'a frame with its year',
    '/api/darkroom' => 'the dark-room plan',
] as $path => $name) {
    $times = [];
    for ($i = 0; $i < 110; ++$i) {
        $start = hrtime(true);
        file_get_contents("http://127.0.0.1:$port".str_replace('%s', (string) ($i / 100), $path));
        if ($i >= 10) {
            $times[] = (hrtime(true) - $start) / 1e6;
        }
    }
    sort($times);
    $say($name.': median and 95th percentile of 100', sprintf('%.0f, %.0f ms', $times[50], $times[94]), 'aim p95 '.match ($path) {
        '/api/jobs/2' => 20, '/api/plates/2/moire/map' => 150, default => 60,
    });
}
// A curve is bent: another point each time, the print beside it drawn anew.
$times = [];
for ($i = 0; $i < 60; ++$i) {
    $start = hrtime(true);
    $picture = file_get_contents("http://127.0.0.1:$port/api/jobs/4/tone-proof", false, stream_context_create(['http' => [
        'method' => 'POST',
        'header' => "Content-Type: application/json\r\nOrigin: http://127.0.0.1:$port\r\nSec-Fetch-Site: same-origin",
        'content' => json_encode(['tone' => ['bend' => [['x' => 40, 'y' => 40 + $i / 3]]]]),
    ]]));
    if (!is_string($picture) || !str_starts_with($picture, "\x89PNG")) {
        $say('a bent curve, its print drawn', 'was refused, nothing was measured', 'aim p95 100');
        break;
    }
    if ($i >= 10) {
        $times[] = (hrtime(true) - $start) / 1e6;
    }
}
sort($times);
if ($times !== []) {
    $say('a bent curve, its print drawn: median and 95th percentile of 50', sprintf('%.0f, %.0f ms', $times[25], $times[47]), 'aim p95 100');
}
proc_terminate($server);
