<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/**
 * Long strings of bits, worked on eight bytes at a time: PHP's own string operators go byte by byte and take five times
 * as long. The first byte's highest bit is the first pixel.
 */
final class Bits
{
    /** Worked on at once, bytes: so much stays in a core's own cache. */
    public const AT_ONCE = 131_072;
    private const WORDS = \GMP_LSW_FIRST | \GMP_LITTLE_ENDIAN;

    /** As one number whose highest bit is the first pixel: a shift to the left moves every pixel to the left. */
    public static function number(string $bytes): \GMP
    {
        return self::unordered(strrev($bytes));
    }

    /** The number's last bytes, so many. */
    public static function bytes(\GMP $number, int $length): string
    {
        return strrev(self::inOrder($number, $length));
    }

    public static function or(string $one, string $two): string
    {
        return self::each($one, $two, static fn (\GMP $a, \GMP $b): \GMP => gmp_or($a, $b));
    }

    public static function and(string $one, string $two): string
    {
        return self::each($one, $two, static fn (\GMP $a, \GMP $b): \GMP => gmp_and($a, $b));
    }

    /** What is set in the one and not in the other. */
    public static function without(string $one, string $two): string
    {
        return self::each($one, $two, static fn (\GMP $a, \GMP $b): \GMP => gmp_xor($a, gmp_and($a, $b)));
    }

    /** Whether any bit is set in both, as far as the shorter goes. */
    public static function meet(string $one, string $two): bool
    {
        for ($at = 0, $length = min(\strlen($one), \strlen($two)); $at < $length; $at += self::AT_ONCE) {
            $here = min(self::AT_ONCE, $length - $at);
            if (gmp_sign(gmp_and(self::unordered(substr($one, $at, $here)), self::unordered(substr($two, $at, $here)))) !== 0) {
                return true;
            }
        }

        return false;
    }

    /** How many bits are set. */
    public static function count(string $bytes): int
    {
        $count = 0;
        for ($at = 0, $length = \strlen($bytes); $at < $length; $at += self::AT_ONCE) {
            $count += gmp_popcount(self::unordered(substr($bytes, $at, self::AT_ONCE)));
        }

        return $count;
    }

    /** @param \Closure(\GMP, \GMP): \GMP $op on bits that keep their places, in whatever order */
    private static function each(string $one, string $two, \Closure $op): string
    {
        $done = '';
        for ($at = 0, $length = min(\strlen($one), \strlen($two)); $at < $length; $at += self::AT_ONCE) {
            $here = min(self::AT_ONCE, $length - $at);
            $done .= self::inOrder($op(self::unordered(substr($one, $at, $here)), self::unordered(substr($two, $at, $here))), $here);
        }

        return $done;
    }

    /** The bytes of such a number. */
    public static function inOrder(\GMP $number, int $length): string
    {
        return substr(str_pad(gmp_export($number, 8, self::WORDS), $length, "\0"), 0, $length);
    }

    /** As a number whose lowest bits are the first byte: eight times as fast, where the order of the bits is no matter. */
    public static function unordered(string $bytes): \GMP
    {
        return gmp_import($bytes.str_repeat("\0", -\strlen($bytes) & 7), 8, self::WORDS);
    }
}
