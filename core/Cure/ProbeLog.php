<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

/**
 * What a probe on a garment read on its way through the tunnel: a table of times and temperatures, in whatever way the logger
 * writes it. Read are commas, semicolons and tabs between, points and commas in numbers, seconds, minutes and clock times, °C and
 * °F; of several channels the coolest counts, since the film is cured where it is coolest.
 */
final readonly class ProbeLog
{
    private const FEWEST = 5;
    private const HOTTEST_C = 400.0;
    private const MOST_LINES = 200_000;

    /**
     * @param non-empty-list<float> $seconds from the first reading on
     * @param non-empty-list<float> $celsius
     * @param list<string>          $says    how it was read
     */
    private function __construct(public array $seconds, public array $celsius, public array $says)
    {
    }

    /** @throws UnreadableLog where it is no such table */
    public static function read(string $text): self
    {
        $text = str_starts_with($text, "\xff\xfe") || str_starts_with($text, "\xfe\xff") ? mb_convert_encoding($text, 'UTF-8', 'UTF-16') : $text;
        $split = preg_split('/\R/', preg_replace('/^\xef\xbb\xbf/', '', $text) ?? $text, self::MOST_LINES);
        $lines = array_values(array_filter(array_map(trim(...), $split === false ? [] : $split), static fn (string $l): bool => $l !== ''));
        $between = self::between($lines);
        $rows = $heads = [];
        foreach ($lines as $line) {
            $cells = array_map(static fn (string $c): string => trim($c, " \t\"'"), explode($between, $line));
            $values = array_map(self::number(...), $cells);
            $time = self::time($cells);
            if ($time !== null && \count(array_filter($values, static fn (?float $v): bool => $v !== null)) >= ($time[1] === 'clock' ? 1 : 2)) {
                $rows[] = [$time[0], \array_slice($values, $time[2]), $time[1], \array_slice($cells, $time[2])];
            } elseif ($rows === []) {
                $heads[] = $line;
            }
        }
        if (\count($rows) < self::FEWEST) {
            throw UnreadableLog::at('log', \sprintf('%s a time with a temperature, and %d are needed. Export the run as a table, time in the first column, temperature beside it.', match (\count($rows)) {
                0 => 'No line of the file holds',
                1 => 'Only one line of the file holds',
                default => \sprintf('Only %d lines of the file hold', \count($rows)),
            }, self::FEWEST));
        }

        return self::of($rows, implode(' ', $heads), $rows[0][2]);
    }

    /**
     * @param list<array{float, list<float|null>, string, list<string>}> $rows
     */
    private static function of(array $rows, string $head, string $how): self
    {
        $says = [];
        $unit = $how === 'clock' ? 1.0 : (preg_match('/\bmin(ute)?s?\b|\[min|\(min/i', $head) === 1 && preg_match('/\bsec|\bs\b|\[s\]|\(s\)/i', $head) !== 1 ? 60.0 : (preg_match('/\bms\b|milli/i', $head) === 1 ? 0.001 : 1.0));
        if ($unit !== 1.0) {
            $says[] = $unit === 60.0 ? 'Times were read as minutes.' : 'Times were read as thousandths of a second.';
        }
        $seconds = $celsius = [];
        $last = null;
        $day = 0.0;
        foreach ($rows as [$time, $values, , $cells]) {
            $numbers = array_values(array_filter($values, static fn (?float $v): bool => $v !== null));
            if ($numbers === []) {
                continue;
            }
            // A clock that passes midnight goes on.
            $day += $how === 'clock' && $last !== null && $time < $last - 43_200 ? 86_400.0 : 0.0;
            $last = $time;
            $seconds[] = ($time + $day) * $unit;
            $celsius[] = min($numbers);
        }
        if ($seconds === [] || $celsius === []) {
            throw UnreadableLog::at('log', 'No temperature stands beside the times. Export the column of the probe too.');
        }
        $first = $seconds[0];
        foreach ($seconds as $i => $s) {
            if ($i > 0 && $s < $seconds[$i - 1]) {
                throw UnreadableLog::at('log', \sprintf('In line %d of the readings time goes backwards. Export one run, in its order.', $i + 1));
            }
        }
        if (preg_match('/°\s*F\b|\bdeg(rees)?\s*F|fahrenheit|[\[(]F[\])]|_F\b/iu', $head) === 1 || self::allF($rows)) {
            $celsius = array_map(static fn (float $f): float => ($f - 32) / 1.8, $celsius);
            $says[] = 'Read in °F.';
        } elseif (max($celsius) > 230) {
            $celsius = array_map(static fn (float $f): float => ($f - 32) / 1.8, $celsius);
            $says[] = 'No unit is told and no garment bears such heat in °C: read as °F.';
        }
        if (max($celsius) > self::HOTTEST_C || min($celsius) < -20) {
            throw UnreadableLog::at('log', \sprintf('It reads from %.0f to %.0f °C: no garment is so. Look which column is the temperature, and its unit.', min($celsius), max($celsius)));
        }
        if (\count($rows[0][1]) > 1 && \count(array_filter($rows[0][1], static fn (?float $v): bool => $v !== null)) > 1) {
            $says[] = 'Of several probes the coolest counts.';
        }

        return new self(array_map(static fn (float $s): float => $s - $first, $seconds), $celsius, $says);
    }

    /** @param list<array{float, list<float|null>, string, list<string>}> $rows */
    private static function allF(array $rows): bool
    {
        return preg_match('/\d\s*°?F$/', $rows[0][3][0] ?? '') === 1;
    }

    /**
     * @param list<string> $lines
     *
     * @return non-empty-string
     */
    private static function between(array $lines): string
    {
        foreach (["\t", ';', ','] as $sign) {
            $with = array_filter($lines, static fn (string $l): bool => substr_count($l, $sign) >= 1);
            if (\count($with) * 2 > \count($lines)) {
                return $sign;
            }
        }

        return ' ';
    }

    private static function number(string $cell): ?float
    {
        $cell = preg_replace('/\s*°?\s*[CF]$/u', '', $cell) ?? $cell;

        return preg_match('/^[-+]?\d+([.,]\d+)?([eE][-+]?\d+)?$/', $cell) === 1 ? (float) str_replace(',', '.', $cell) : null;
    }

    /**
     * @param list<string> $cells
     *
     * @return array{float, string, int}|null the time, how it is told, and where the temperatures begin
     */
    private static function time(array $cells): ?array
    {
        foreach (\array_slice($cells, 0, 3) as $i => $cell) {
            if (preg_match('/(?:^|[ T])(\d{1,2}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?\s*([AP]M)?$/i', $cell, $at) === 1) {
                $hours = (int) $at[1] % (($at[4] ?? '') === '' ? 24 : 12) + (strtoupper($at[4] ?? '') === 'PM' ? 12 : 0);

                return ($at[3] ?? '') === '' ? [60.0 * (int) $at[1] + (int) $at[2], 'clock', $i + 1] : [3600.0 * $hours + 60.0 * (int) $at[2] + (float) str_replace(',', '.', $at[3]), 'clock', $i + 1];
            }
        }
        // A running number before the time is no time.
        $from = isset($cells[2]) && preg_match('/^\d+$/', $cells[0]) === 1 && preg_match('/[.,]/', $cells[1]) === 1 && self::number($cells[1]) !== null && self::number($cells[2]) !== null ? 1 : 0;
        $number = self::number($cells[$from] ?? '');

        return $number === null ? null : [$number, 'number', $from + 1];
    }
}
