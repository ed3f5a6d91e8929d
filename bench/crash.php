<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

/*
 * Kills the worker, the server or both in the middle of work, again and again, and looks each time whether the work is done
 * all the same, once, and whether the shop is whole: `./ektype bench --crash 200`; `./ektype bench --crash 100 launcher` kills
 * the launcher alone, by TERM and by KILL in turn.
 */

$kills = max(1, (int) ($argv[2] ?? 200));
$only = $argv[3] ?? '';
$project = dirname(__DIR__);
$data = $project.'/var/bench-crash';
$port = 8397;
(new Symfony\Component\Filesystem\Filesystem())->remove($data);
$start = static function () use ($project, $port, $data) {
    $launcher = proc_open(
        [$project.'/ektype', 'start', "--port=$port"],
        [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
        $pipes,
        $project,
        ['EKTYPE_DATA' => $data, 'PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME')],
    );

    return is_resource($launcher) ? $launcher : throw new RuntimeException('The shop does not open.');
};
$launcher = $start();
register_shutdown_function(static function () use (&$launcher): void {
    proc_terminate($launcher);
    proc_close($launcher);
});

/** @return array{int, array<mixed>} status, 0 where nobody answers, and what was said */
$ask = static function (string $method, string $path, ?array $body = null) use ($port): array {
    $answer = @file_get_contents("http://127.0.0.1:$port$path", false, stream_context_create(['http' => [
        'method' => $method,
        'header' => "Content-Type: application/json\r\nX-Page: crash bench\r\n",
        'content' => $body === null ? '' : json_encode($body, \JSON_THROW_ON_ERROR),
        'ignore_errors' => true,
        'timeout' => 20,
    ]]));
    // The lines of the head are left by the call itself.
    $head = $answer === false ? [] : $http_response_header;
    $said = $answer === false ? null : json_decode($answer, true);

    return [$answer === false ? 0 : (int) substr($head[0] ?? '', 9, 3), is_array($said) ? $said : []];
};
$insist = static function (string $method, string $path, ?array $body = null) use ($ask): array {
    for ($i = 0; $i < 900; ++$i) {
        [$status, $said] = $ask($method, $path, $body);
        if ($status >= 200 && $status < 300) {
            return $said;
        }
        usleep(100_000);
    }
    throw new RuntimeException("$method $path is not answered any more.");
};
/** @return list<int> */
$numbers = static fn (string $lines): array => array_map(intval(...), array_values(array_filter(explode("\n", $lines), static fn (string $line): bool => trim($line) !== '')));
/** @return list<int> */
$running = static function (string $what) use ($numbers, $data): array {
    $groups = $what === 'server' ? ['php', 'nginx'] : ($what === 'keeper' ? [] : ['worker-1', 'worker-2']);
    $pids = $what === 'keeper' ? [(int) @file_get_contents($data.'/serve/keeper.pid')] : [];
    foreach ($groups as $group) {
        $leader = (int) @file_get_contents("$data/serve/$group.group");
        $pids = [...$pids, ...($leader > 0 ? $numbers((string) shell_exec('pgrep -g '.$leader)) : [])];
    }

    // What has ended and was not fetched by its parent yet is none.
    return array_values(array_filter($pids, static fn (int $pid): bool => $pid > 1 && !str_contains((string) @file_get_contents("/proc/$pid/status"), 'State:\tZ')));
};

$insist('GET', '/api/jobs');
$svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 40"><circle cx="20" cy="20" r="14" fill="#f0e2b0"/><rect x="38" y="6" width="16" height="28" fill="#b84a30"/></svg>';
$bring = "--x\r\nContent-Disposition: form-data; name=\"art\"; filename=\"two.svg\"\r\nContent-Type: image/svg+xml\r\n\r\n$svg\r\n--x\r\nContent-Disposition: form-data; name=\"widthMm\"\r\n\r\n120\r\n--x\r\nContent-Disposition: form-data; name=\"garmentHex\"\r\n\r\n#1b2436\r\n--x--\r\n";
file_get_contents("http://127.0.0.1:$port/api/jobs", false, stream_context_create(['http' => [
    'method' => 'POST', 'header' => "Content-Type: multipart/form-data; boundary=x\r\nX-Page: crash bench\r\n", 'content' => $bring, 'timeout' => 60,
]]));
$id = (int) ($insist('GET', '/api/jobs')['jobs'][0]['id'] ?? 0);
$settled = static function () use ($insist, $id): array {
    $began = hrtime(true);
    do {
        $head = $insist('GET', "/api/jobs/$id");
        if (($head['task'] ?? null) === null || $head['task']['state'] === 'failed') {
            return $head;
        }
        usleep(50_000);
    } while (hrtime(true) - $began < 90e9);

    return $head;
};
$settled();
mt_srand(17);
$tally = ['worker' => 0, 'server' => 0, 'both' => 0, 'keeper' => 0, 'launcher, TERM' => 0, 'launcher, KILL' => 0];
$kinds = array_values(array_filter(array_keys($tally), static fn (string $kind): bool => str_starts_with($kind, $only)));
$times = [];
$wrong = [];
$amid = 0;
for ($k = 0; $k < $kills; ++$k) {
    $films = $k % 4 === 3;
    // Another choke each time, so that there is something to do.
    $insist('PATCH', "/api/jobs/$id", ['chokeMm' => 0.15 + ($k % 20) / 100]);
    $insist('POST', "/api/jobs/$id/".($films ? 'films' : 'separate'));
    usleep(mt_rand(20, 1200) * 1000);
    $what = $kinds[$only === '' ? mt_rand(0, count($kinds) - 1) : $k % max(1, count($kinds))] ?? throw new RuntimeException("There is no kind “{$only}” to kill.");
    $busy = ($insist('GET', "/api/jobs/$id")['task'] ?? null) !== null;
    if (str_starts_with($what, 'launcher')) {
        posix_kill(proc_get_status($launcher)['pid'], $what === 'launcher, TERM' ? \SIGTERM : \SIGKILL);
        proc_close($launcher);
        // All that it kept goes with it.
        for ($began = hrtime(true); hrtime(true) - $began < 15e9 && (@stream_socket_client("tcp://127.0.0.1:$port", timeout: 0.2) !== false || $running('worker') !== []); usleep(100_000)) {
        }
        $left = [...$running('worker'), ...$running('server')];
        if ($left !== []) {
            $wrong[] = "kill $k of $what: ".count($left)." processes are left:\n".shell_exec('ps -o pid,ppid,stat,etimes,args -p '.implode(',', $left));
            echo end($wrong), "\n";
        }
        $launcher = $start();
    }
    foreach (str_starts_with($what, 'launcher') ? [] : ($what === 'both' ? ['worker', 'server'] : [$what]) as $kind) {
        foreach ($running($kind) as $pid) {
            posix_kill($pid, \SIGKILL);
        }
    }
    $began = hrtime(true);
    ++$tally[$what];
    $amid += (int) $busy;
    $head = $settled();
    $times[] = (hrtime(true) - $began) / 1e9;
    $database = new PDO("sqlite:$data/shop.db");
    $whole = $database->query('PRAGMA integrity_check');
    $open = $database->query("SELECT COUNT(*) FROM task WHERE state IN ('waiting', 'working')");
    $failed = $database->query("SELECT COUNT(*) FROM task WHERE state = 'failed'");
    $fault = match (true) {
        $failed === false || (int) $failed->fetchColumn() !== 0 => 'a task is booked as failed',
        ($head['task'] ?? null) !== null => 'not done: '.json_encode($head['task']),
        !$films && ($head['separationCurrent'] ?? false) !== true => 'the plates are not the asked ones',
        count($head['plates'] ?? []) !== 3 => 'there are '.count($head['plates'] ?? []).' plates',
        $whole === false || $whole->fetchColumn() !== 'ok' => 'the database is damaged',
        $open === false || (int) $open->fetchColumn() !== 0 => 'a task is left open',
        default => '',
    };
    if ($fault !== '') {
        $wrong[] = "kill $k of $what: $fault";
        echo end($wrong), "\n";
    }
}
sort($times);
$names = (array) glob($data.'/files/jobs/*/*/*.part');
printf(
    "%d kills: %s; %d while work was under way\n%d went wrong; done again after %.1f s (median), %.1f s (95th percentile), %.1f s at the most; %d unfinished files left\n",
    $kills,
    implode(', ', array_map(static fn (string $what, int $n): string => "$n of the $what", array_keys($tally), $tally)),
    $amid,
    count($wrong),
    $times[intdiv(count($times), 2)],
    $times[(int) (0.95 * (count($times) - 1))],
    end($times),
    count($names),
);
exit($wrong === [] ? 0 : 1);
