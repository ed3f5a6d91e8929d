<?php

declare(strict_types=1);

namespace Ektype\Bench\Mutants;

/** Runs tests in a process of their own. */
final class Run
{
    /**
     * @param list<string>          $tests files
     * @param array<string, string> $env
     *
     * @return bool whether they pass
     */
    public static function phpunit(string $root, array $tests, array $env, float $longest): bool
    {
        foreach ($tests as $test) {
            $process = proc_open(
                [\PHP_BINARY, '-d', 'memory_limit=2G', '-d', 'opcache.enable_cli=0', 'vendor/bin/phpunit', '--no-coverage', '--stop-on-defect', '--bootstrap', 'bench/Mutants/bootstrap.php', $test],
                [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
                $pipes,
                $root,
                [...getenv(), ...$env],
            );
            if ($process === false) {
                throw new \RuntimeException('No process can be started here.');
            }
            $until = microtime(true) + $longest;
            do {
                usleep(20_000);
                $status = proc_get_status($process);
            } while ($status['running'] && microtime(true) < $until);
            if ($status['running']) {
                proc_terminate($process, 9);
            }
            proc_close($process);
            // What never ends is noticed, too.
            if ($status['running'] || $status['exitcode'] !== 0) {
                return false;
            }
        }

        return true;
    }
}
