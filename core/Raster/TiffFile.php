<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/** One-bit TIFF (revision 6), uncompressed, in one strip: the plain form that any tool packs further. */
final class TiffFile
{
    private const SHORT = 3;
    private const LONG = 4;
    private const RATIONAL = 5;

    /**
     * Black where the plane prints, with its resolution.
     *
     * @param float $dpiX pixels per inch
     */
    public static function ofPlane(BitPlane $plane, float $dpiX, ?float $dpiY = null): string
    {
        $rational = static fn (float $value): string => pack('VV', (int) round($value * 10000), 10000);
        $entries = [
            [256, self::LONG, 1, $plane->width], [257, self::LONG, 1, $plane->height], [258, self::SHORT, 1, 1], [259, self::SHORT, 1, 1],
            [262, self::SHORT, 1, 0], [273, self::LONG, 1, 8], [277, self::SHORT, 1, 1], [278, self::LONG, 1, $plane->height],
            [279, self::LONG, 1, \strlen($plane->bytes)],
        ];
        $after = 8 + \strlen($plane->bytes) + \strlen($plane->bytes) % 2;
        $directory = $after + 16;
        $entries[] = [282, self::RATIONAL, 1, $after];
        $entries[] = [283, self::RATIONAL, 1, $after + 8];
        $entries[] = [296, self::SHORT, 1, 2];
        $packed = pack('v', \count($entries));
        foreach ($entries as [$tag, $kind, $count, $value]) {
            $packed .= pack('vvV', $tag, $kind, $count).($kind === self::SHORT ? pack('vv', $value, 0) : pack('V', $value));
        }

        return "II*\0".pack('V', $directory).$plane->bytes.(\strlen($plane->bytes) % 2 === 1 ? "\0" : '').$rational($dpiX).$rational(
            $dpiY ?? $dpiX,
        ).$packed.pack('V', 0);
    }

    /**
     * Reads what {@see ofPlane} wrote, or what a tool unpacked: one bit a pixel, uncompressed.
     *
     * @return array{BitPlane, float, float} the plane and its resolution in x and y, pixels per inch
     *
     * @throws \UnexpectedValueException where it is another kind of TIFF
     */
    public static function read(string $tiff): array
    {
        $little = str_starts_with($tiff, "II*\0");
        if (!$little && !str_starts_with($tiff, "MM\0*")) {
            throw new \UnexpectedValueException('It is no TIFF.');
        }
        $short = static fn (int $at): int => $little ? \ord($tiff[$at]) | \ord(
            $tiff[$at + 1],
        ) << 8 : \ord($tiff[$at]) << 8 | \ord($tiff[$at + 1]);
        $long = static fn (int $at): int => $little ? $short($at) | $short($at + 2) << 16 : $short($at) << 16 | $short($at + 2);
        $at = $long(4);
        $tags = [];
        for ($i = 0, $count = $short($at); $i < $count; ++$i) {
            $entry = $at + 2 + 12 * $i;
            $size = $short($entry + 2) === self::SHORT ? 2 : 4;
            $many = $long($entry + 4);
            $values = [];
            $from = $short($entry + 2) === self::RATIONAL || $many * $size > 4 ? $long($entry + 8) : $entry + 8;
            for ($k = 0; $k < min($many, 100_000); ++$k) {
                $values[] = $short($entry + 2) === self::RATIONAL
                    ? $long($from + 8 * $k) / max(1, $long($from + 8 * $k + 4))
                    : ($size === 2 ? $short($from + 2 * $k) : $long($from + 4 * $k));
            }
            $tags[$short($entry)] = $values;
        }
        $one = static fn (int $tag, float $default): float => $tags[$tag][0] ?? $default;
        if ($one(258, 1) !== 1.0 && (int) $one(258, 1) !== 1 || (int) $one(259, 1) !== 1 || (int) $one(277, 1) !== 1) {
            throw new \UnexpectedValueException('It is not one bit a pixel, or it is packed.');
        }
        $width = (int) $one(256, 0);
        $height = (int) $one(257, 0);
        $bytes = '';
        foreach ($tags[273] ?? [] as $i => $offset) {
            $bytes .= substr($tiff, (int) $offset, (int) ($tags[279][$i] ?? 0));
        }
        $bytes = (int) $one(262, 0) === 1 ? ~$bytes : $bytes;
        $per = (int) $one(296, 2) === 3 ? 2.54 : 1.0;

        return [
            BitPlane::within($width, $height, substr($bytes, 0, (($width + 7) >> 3) * $height)),
            $one(282, 72) * $per,
            $one(283, 72) * $per,
        ];
    }
}
