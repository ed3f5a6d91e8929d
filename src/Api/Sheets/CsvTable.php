<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Request\UnreadableRequest;

/** A table as RFC 4180 has it; on its way in also as spreadsheets write it: semicolons or tabs, a byte order mark, old endings of lines. */
final class CsvTable
{
    private const MOST_ROWS = 5000;
    /** No shelf of so many rows takes more, bytes. */
    public const MOST_BYTES = 2_000_000;
    /** A line is a thing on a shelf, not a book, bytes. */
    private const LONGEST_LINE = 20_000;

    /** @param list<list<string>> $rows heads first */
    public static function written(array $rows): string
    {
        return implode('', array_map(
            static fn (array $row): string => implode(',', array_map(self::quoted(...), $row))."\r\n",
            $rows,
        ));
    }

    /**
     * @return non-empty-list<list<string>> heads first; empty lines are left out, keyed by nothing
     *
     * @throws UnreadableRequest where it is no table
     */
    public static function read(string $text): array
    {
        if (\strlen($text) > self::MOST_BYTES) {
            throw self::tooLarge(\strlen($text));
        }
        if (str_starts_with($text, "PK\x03\x04")) {
            throw UnreadableRequest::at('file', 'This is a spreadsheet itself, not a table in text. Save it as CSV and bring that.');
        }
        if (!mb_check_encoding($text, 'UTF-8')) {
            $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        }
        $text = preg_replace('/^\x{FEFF}/u', '', $text) ?? '';
        $text = strtr($text, ["\r\n" => "\n", "\r" => "\n"]);
        $head = strtok($text, "\n");
        if ($head === false || trim($head) === '') {
            throw UnreadableRequest::at('file', 'The file is empty, so there is nothing to take. Export the shelf first: it shows the columns.');
        }
        if (\strlen($head) > self::LONGEST_LINE) {
            throw self::endless(1);
        }
        $between = self::between($head);
        $stream = fopen('php://temp', 'r+');
        if ($stream === false) {
            throw new \RuntimeException('No place to read a table in.');
        }
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        while (($row = fgetcsv($stream, null, $between, '"', '')) !== false) {
            if (array_sum(array_map(static fn (?string $cell): int => \strlen($cell ?? ''), $row)) > self::LONGEST_LINE) {
                throw self::endless(\count($rows) + 1);
            }
            $rows[] = array_map(static fn (?string $cell): string => self::asItWas($cell ?? ''), $row);
            if (\count($rows) > self::MOST_ROWS) {
                throw UnreadableRequest::at('file', \sprintf('The table has more than %d rows, which no shelf has. Bring it in parts.', self::MOST_ROWS));
            }
        }
        fclose($stream);

        return $rows === [] ? throw UnreadableRequest::at('file', 'The file is empty, so there is nothing to take.') : $rows;
    }

    /** What parts the cells: whatever the head has most of, outside quotes. */
    private static function between(string $head): string
    {
        $bare = (string) preg_replace('/"[^"]*"/', '', $head);
        $counts = [';' => substr_count($bare, ';'), "\t" => substr_count($bare, "\t"), ',' => substr_count($bare, ',')];
        arsort($counts);

        return array_key_first($counts);
    }

    public static function tooLarge(int $bytes): UnreadableRequest
    {
        return UnreadableRequest::at('file', \sprintf('The file holds %.1f MB; a table of a shelf has at most 2. Bring the table alone, in parts where it is long.', $bytes / 1e6));
    }

    private static function endless(int $row): UnreadableRequest
    {
        return UnreadableRequest::at('file', \sprintf('Row %d is longer than a row of any shelf. Is it the table? Save it as CSV with one row a line.', $row));
    }

    /** What a spreadsheet would take for a formula gets a mark before it, which is taken off on the way in; numbers stay. */
    private static function harmless(string $cell): string
    {
        return preg_match('/^[\'=+\-@\t\r]/', $cell) === 1 && !is_numeric($cell) ? "'".$cell : $cell;
    }

    private static function asItWas(string $cell): string
    {
        return preg_match('/^\'[\'=+\-@\t\r]/', $cell) === 1 ? substr($cell, 1) : $cell;
    }

    private static function quoted(string $cell): string
    {
        $cell = self::harmless($cell);

        return preg_match('/[",;\t\r\n]|^\s|\s$/', $cell) === 1 ? '"'.strtr($cell, ['"' => '""']).'"' : $cell;
    }
}
