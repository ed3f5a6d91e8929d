<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/**
 * Where a plane changes between open and printing, line by line: a handful of numbers for each line of thousands of
 * pixels. Lines of ink and the gaps between them are measured on these.
 */
final class Crossings
{
    /** @var array<int, list<int>> bit offsets at which a byte changes, by state before × 256 + byte */
    private static array $within = [];

    /**
     * @return list<int> x of every change, first to printing, then to open, and so on; an even count
     */
    public static function ofRow(string $row, int $width): array
    {
        if (self::$within === []) {
            self::$within = self::table();
        }
        $found = [];
        $on = false;
        $bytes = \strlen($row);
        $i = 0;
        while (true) {
            $i += strspn($row, $on ? "\xff" : "\0", $i);
            if ($i >= $bytes) {
                break;
            }
            $byte = \ord($row[$i]);
            $left = $i << 3;
            foreach (self::$within[$on ? $byte | 256 : $byte] as $bit) {
                $found[] = $left + $bit;
            }
            $on = ($byte & 1) === 1;
            ++$i;
        }
        if (\count($found) % 2 === 1) {
            $found[] = $width;
        }

        return $found;
    }

    /**
     * @param int $step every so many rows one is looked at
     *
     * @return list<list<int>> the changes of rows 0, step, 2 step …
     */
    public static function ofRows(BitPlane $plane, int $step = 1): array
    {
        $rows = [];
        for ($y = 0; $y < $plane->height; $y += $step) {
            $rows[] = self::ofRow($plane->row($y), $plane->width);
        }

        return $rows;
    }

    /**
     * @param int $step every so many columns one is looked at
     *
     * @return list<list<int>> the changes of columns 0, step, 2 step …, downwards
     */
    public static function ofColumns(BitPlane $plane, int $step = 1): array
    {
        $mask = '';
        for ($i = 0; $i < $plane->stride; ++$i) {
            $byte = 0;
            for ($bit = 0; $bit < 8; ++$bit) {
                $byte |= (8 * $i + $bit) % $step === 0 && 8 * $i + $bit < $plane->width ? 0x80 >> $bit : 0;
            }
            $mask .= \chr($byte);
        }
        $bits = [];
        for ($byte = 0; $byte < 256; ++$byte) {
            $bits[] = array_values(array_filter(range(0, 7), static fn (int $bit): bool => (bool) ($byte & (0x80 >> $bit))));
        }
        $columns = array_fill(0, intdiv($plane->width + $step - 1, $step), []);
        $above = str_repeat("\0", $plane->stride);
        for ($y = 0; $y <= $plane->height; ++$y) {
            $row = $y < $plane->height ? $plane->row($y) : str_repeat("\0", $plane->stride);
            if ($row === $above) {
                continue;
            }
            $changed = ($row ^ $above) & $mask;
            $above = $row;
            for ($i = strspn($changed, "\0"); $i < $plane->stride; ++$i, $i += strspn($changed, "\0", $i)) {
                foreach ($bits[\ord($changed[$i])] as $bit) {
                    $columns[intdiv(8 * $i + $bit, $step)][] = $y;
                }
            }
        }

        return $columns;
    }

    /** @return array<int, list<int>> */
    private static function table(): array
    {
        $table = [];
        foreach ([0, 1] as $state) {
            for ($byte = 0; $byte < 256; ++$byte) {
                $now = $state;
                $at = [];
                for ($bit = 0; $bit < 8; ++$bit) {
                    $next = ($byte >> (7 - $bit)) & 1;
                    if ($next !== $now) {
                        $at[] = $bit;
                        $now = $next;
                    }
                }
                $table[$state * 256 + $byte] = $at;
            }
        }

        return $table;
    }
}
