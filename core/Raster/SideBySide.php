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
     * @param list<callable(): T> $pieces the heaviest first; whoever is free takes the next
     * @param bool                $worth  whether the pieces are large enough to be worth a process
     *
     * @return list<T> in the order of the pieces
     *
     * @throws PieceBrokeOff where a child was ended from outside
     */
    public static function all(array $pieces, bool $worth = true): array
    {
        $hands = min(self::MOST, self::cores(), \count($pieces));
        if (!$worth || $hands < 2 || \PHP_SAPI !== 'cli' || !\function_exists('pcntl_fork')) {
            return array_map(static fn (callable $piece): mixed => $piece(), $pieces);
        }
        $tickets = self::tickets(\count($pieces));
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
                // Told to end, it ends: what its parent does then is not its to do.
                foreach ([\SIGTERM, \SIGINT, \SIGHUP, \SIGQUIT] as $signal) {
                    pcntl_signal($signal, \SIG_DFL);
                }
                try {
                    file_put_contents($file, serialize(self::shareOf($pieces, $tickets)));
                } finally {
                    // Ends at once, whatever happened: what the child inherited, a database for one, is not its to close.
                    posix_kill(posix_getpid(), \SIGKILL);
                }
            }
            $children[$hand] = [$child, $file];
        }
        try {
            $results = self::share($pieces, $tickets);
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
            if (!\is_array($theirs) || !\is_array($theirs[0] ?? null)) {
                throw new PieceBrokeOff('A part of the work broke off: its process ended.');
            }
            $results += $theirs[0];
            $broke = $theirs[1] ?? null;
            if (\is_int($broke) && isset($pieces[$broke])) {
                // Done again here, so that its own fault comes out of it.
                $results[$broke] = $pieces[$broke]();
            }
        }
        ksort($results);

        /* @var list<T> */
        return array_values($results);
    }

    /**
     * The numbers of the pieces, two bytes each, and then the end: whoever is free draws the next.
     *
     * @return resource
     *
     * @throws \RuntimeException where the machine gives no pair of sockets
     */
    private static function tickets(int $pieces)
    {
        $pair = stream_socket_pair(\STREAM_PF_UNIX, \STREAM_SOCK_STREAM, 0);
        if ($pair === false || stream_socket_sendto($pair[0], pack('n*', ...range(0, $pieces - 1))) !== 2 * $pieces) {
            throw new \RuntimeException('No further process can be started.');
        }
        fclose($pair[0]);

        return $pair[1];
    }

    /**
     * @template T
     *
     * @param list<callable(): T> $pieces
     * @param resource            $tickets
     *
     * @return array<int, T>
     */
    private static function share(array $pieces, $tickets): array
    {
        $done = [];
        while (($i = self::drawn($tickets)) !== null) {
            $done[$i] = $pieces[$i]();
        }

        return $done;
    }

    /**
     * @param list<callable(): mixed> $pieces
     * @param resource                $tickets
     *
     * @return array{array<int, mixed>, int|null} what was done, and the piece that broke
     */
    private static function shareOf(array $pieces, $tickets): array
    {
        $done = [];
        while (($i = self::drawn($tickets)) !== null) {
            try {
                $done[$i] = $pieces[$i]();
            } catch (\Throwable) {
                return [$done, $i];
            }
        }

        return [$done, null];
    }

    /** @param resource $tickets */
    private static function drawn($tickets): ?int
    {
        $ticket = (string) stream_socket_recvfrom($tickets, 2);

        return \strlen($ticket) === 2 ? (\ord($ticket[0]) << 8) | \ord($ticket[1]) : null;
    }

    private static function cores(): int
    {
        static $cores = null;
        $cores ??= max(1, preg_match_all('/^processor\s/m', (string) @file_get_contents('/proc/cpuinfo')));

        return \is_int($cores) ? $cores : 1;
    }
}
