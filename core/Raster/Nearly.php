<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/** A raster of nearly the size that is wanted: a few rows and columns are left out or come twice, none is mixed. */
final class Nearly
{
    /** @return string a byte a place, of the size that is wanted */
    public static function sized(string $bytes, int $width, int $height, int $toWidth, int $toHeight): string
    {
        if ($width === $toWidth && $height === $toHeight) {
            return $bytes;
        }
        $runs = self::runs($width, $toWidth);
        $rows = [];
        foreach (self::runs($height, $toHeight) as [$from, $many]) {
            for ($y = $from; $y < $from + $many; ++$y) {
                if (\count($runs) === 1) {
                    $rows[] = substr($bytes, $y * $width + $runs[0][0], $runs[0][1]);
                    continue;
                }
                $row = '';
                foreach ($runs as [$x, $wide]) {
                    $row .= substr($bytes, $y * $width + $x, $wide);
                }
                $rows[] = $row;
            }
        }

        return implode('', $rows);
    }

    /** @return list<array{int, int}> pieces that are taken as they are: the first place of each, and how many */
    private static function runs(int $have, int $want): array
    {
        $runs = [];
        [$from, $before] = [0, -1];
        for ($i = 0; $i < $want; ++$i) {
            $at = min($have - 1, (int) (($i + 0.5) * $have / $want));
            if ($at !== $before + 1) {
                if ($before >= 0) {
                    $runs[] = [$from, $before - $from + 1];
                }
                $from = $at;
            }
            $before = $at;
        }
        $runs[] = [$from, $before - $from + 1];

        return $runs;
    }
}
