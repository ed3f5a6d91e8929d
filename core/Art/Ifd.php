<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

/**
 * The first directory of a TIFF, as TIFF 6.0 has it; JPEG, PNG and WebP carry one too, for what a camera notes (Exif).
 * Everything is read from the file by place: none of the pixels are.
 */
final readonly class Ifd
{
    private const SIZES = [1 => 1, 2 => 1, 3 => 2, 4 => 4, 5 => 8, 6 => 1, 7 => 1, 8 => 2, 9 => 4, 10 => 8, 11 => 4, 12 => 8];
    private const MOST_ENTRIES = 1000;
    private const MOST_VALUES = 1_000_000;

    /**
     * @param array<int, list<int>> $values  tag => its whole numbers
     * @param bool                  $hasMore whether another picture follows this one
     */
    private function __construct(public array $values, public bool $hasMore)
    {
    }

    /**
     * @param callable(int, int): string $read bytes of the file from a place on, fewer where it ends
     *
     * @return self|null null where there is none, or it is cut off
     */
    public static function at(callable $read): ?self
    {
        $head = $read(0, 8);
        $little = str_starts_with($head, "II*\0");
        if (\strlen($head) < 8 || (!$little && !str_starts_with($head, "MM\0*"))) {
            return null;
        }
        $start = self::number($head, 4, 4, $little);
        $count = self::number($read($start, 2), 0, 2, $little);
        $entries = $read($start + 2, 12 * $count + 4);
        if ($count < 1 || $count > self::MOST_ENTRIES || \strlen($entries) < 12 * $count) {
            return null;
        }
        $values = [];
        for ($i = 0; $i < $count; ++$i) {
            $entry = substr($entries, 12 * $i, 12);
            $size = self::SIZES[self::number($entry, 2, 2, $little)] ?? 0;
            $many = self::number($entry, 4, 4, $little);
            if (($size !== 1 && $size !== 2 && $size !== 4) || $many < 1 || $many > self::MOST_VALUES) {
                continue;
            }
            $bytes = $size * $many <= 4 ? substr($entry, 8, 4) : $read(self::number($entry, 8, 4, $little), $size * $many);
            if (\strlen($bytes) < $size * $many) {
                return null;
            }
            $list = [];
            for ($k = 0; $k < $many; ++$k) {
                $list[] = self::number($bytes, $k * $size, $size, $little);
            }
            $values[self::number($entry, 0, 2, $little)] = $list;
        }
        $next = \strlen($entries) < 12 * $count + 4 ? 0 : self::number($entries, 12 * $count, 4, $little);

        return new self($values, $next !== 0);
    }

    public function first(int $tag): ?int
    {
        return $this->values[$tag][0] ?? null;
    }

    private static function number(string $bytes, int $at, int $size, bool $little): int
    {
        $part = str_pad(substr($bytes, $at, $size), $size, "\0");
        $number = 0;
        for ($i = 0; $i < $size; ++$i) {
            $number = $number << 8 | \ord($part[$little ? $size - 1 - $i : $i]);
        }

        return $number;
    }
}
