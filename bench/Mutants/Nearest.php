<?php

declare(strict_types=1);

namespace Ektype\Bench\Mutants;

/** Which files of tests load which files of the code, and how long each takes: the nearest tests of a file are those that load the least beside it. */
final class Nearest
{
    /** Of one fault the nearest tests run so long at the most, s. */
    private const LONGEST_S = 75.0;
    /** A file of tests that takes longer than this is not waited for. */
    private const SLOWEST_S = 70.0;

    /** @param array<string, array{seconds: float, loads: list<string>}> $tests by file */
    private function __construct(private readonly array $tests)
    {
    }

    /** Looked for once, and again of the tests that have changed since. */
    public static function of(string $root, callable $say): self
    {
        $kept = $root.'/var/mutants.json';
        $known = is_file($kept) ? json_decode((string) file_get_contents($kept), true) : [];
        $found = [];
        foreach (new \RegexIterator(new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root.'/tests', \FilesystemIterator::SKIP_DOTS)), '~tests/(core|src)/.*Test\.php$~') as $one) {
            $found[] = $one->getPathname();
        }
        sort($found);
        $tests = [];
        foreach ($found as $n => $file) {
            $name = substr($file, \strlen($root) + 1);
            $stamp = sha1_file($file);
            if (($known[$name]['stamp'] ?? '') === $stamp) {
                $tests[$name] = $known[$name];
                continue;
            }
            $say(\sprintf("\rLooking what each file of tests loads, %d of %d ", $n + 1, \count($found)));
            $list = (string) tempnam(sys_get_temp_dir(), 'loads');
            $began = microtime(true);
            Run::phpunit($root, [$name], ['EKTYPE_LOADS' => $list], 2 * self::SLOWEST_S);
            $tests[$name] = ['stamp' => $stamp, 'seconds' => round(microtime(true) - $began, 2), 'loads' => array_values(array_filter(explode("\n", (string) file_get_contents($list)), static fn (string $line): bool => $line !== ''))];
            unlink($list);
            file_put_contents($kept, json_encode($tests + $known, \JSON_THROW_ON_ERROR));
        }

        return new self($tests);
    }

    /** @return list<string> files of tests, the nearest first */
    public function to(string $file): array
    {
        $near = array_filter($this->tests, static fn (array $t): bool => \in_array($file, $t['loads'], true) && $t['seconds'] <= self::SLOWEST_S);
        uksort($near, fn (string $a, string $b): int => $this->far($a, $file) <=> $this->far($b, $file));
        $taken = [];
        $seconds = 0.0;
        foreach ($near as $name => $test) {
            if ($taken !== [] && $seconds + $test['seconds'] > self::LONGEST_S) {
                continue;
            }
            $taken[] = $name;
            $seconds += $test['seconds'];
        }

        return $taken;
    }

    /** @return array{int, float} tests of the same room first, then those that load less */
    private function far(string $test, string $file): array
    {
        $class = basename($file, '.php');

        return [match (true) {
            basename($test) === $class.'Test.php' => 0,
            basename(\dirname($test)) === basename(\dirname($file)) => 1,
            default => 2,
        }, \count($this->tests[$test]['loads']) * 0.01 + $this->tests[$test]['seconds']];
    }
}
