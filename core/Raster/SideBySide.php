<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/**
 * Does like pieces of work at once on the machine's cores, where PHP can fork; else one after the other. A child sees
 * all that its parent holds, so only the results travel.
 */
final class SideBySide
{
    private const MOST = 4;

    /**
     * @template T
     *
     * @param list<callable(): T> $pieces of about equal weight
     * @param bool                $worth  whether the pieces are large enough to be worth a process
     *
     * @return list<T> in the order of the pieces
     *
     * @throws \RuntimeException where a child broke off
     */
    public static function all(array $pieces, bool $worth = true): array
    {
        $hands = min(self::MOST, self::cores(), \count($pieces));
        if (!$worth || $hands < 2 || \PHP_SAPI !== 'cli' || !\function_exists('pcntl_fork')) {
            return array_map(static fn (callable $piece): mixed => $piece(), $pieces);
        }
        $children = [];
        for ($hand = 1; $hand < $hands; ++$hand) {
            $file = tempnam(sys_get_temp_dir(), 'ektype');
            if ($file === false) {
                throw new \RuntimeException('There is no room for temporary files.');
            }
            $child = pcntl_fork();
            if ($child === -1) {
                throw new \RuntimeException('No further process can be started.');
            }
            if ($child === 0) {
                try {
                    file_put_contents($file, serialize(self::share($pieces, $hand, $hands)));
                } catch (\Throwable $fault) {
                    file_put_contents($file, serialize($fault::class.': '.$fault->getMessage()));
                }
                // Ends at once: what the child inherited, a database for one, is not its to close.
                posix_kill(posix_getpid(), \SIGKILL);
            }
            $children[$hand] = [$child, $file];
        }
        try {
            $results = self::share($pieces, 0, $hands);
        } finally {
            $told = [];
            foreach ($children as $hand => [$child, $file]) {
                pcntl_waitpid($child, $status);
                $told[$hand] = (string) file_get_contents($file);
                unlink($file);
            }
        }
        foreach ($told as $text) {
            $theirs = $text === '' ? null : unserialize($text);
            if (!\is_array($theirs)) {
                throw new \RuntimeException('A part of the work broke off: '.(\is_string($theirs) ? $theirs : 'its process ended.'));
            }
            $results += $theirs;
        }
        ksort($results);

        /* @var list<T> */
        return array_values($results);
    }

    /**
     * @template T
     *
     * @param list<callable(): T> $pieces
     *
     * @return array<int, T>
     */
    private static function share(array $pieces, int $hand, int $hands): array
    {
        $done = [];
        for ($i = $hand; $i < \count($pieces); $i += $hands) {
            $done[$i] = $pieces[$i]();
        }

        return $done;
    }

    private static function cores(): int
    {
        static $cores = null;
        $cores ??= max(1, preg_match_all('/^processor\s/m', (string) @file_get_contents('/proc/cpuinfo')));

        return \is_int($cores) ? $cores : 1;
    }
}
