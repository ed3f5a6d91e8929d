<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/**
 * Plates as the named channels of one TIFF (revision 6, separated images): eight bits a pixel, 255 where ink prints, a plane a
 * plate, deflated. Other programs find each under the name of its ink (InkNames).
 */
final class ChannelTiff
{
    private const SHORT = 3;
    private const LONG = 4;
    private const RATIONAL = 5;
    private const ASCII = 2;
    private const ROWS = 256;
    /** A TIFF of this kind tells its places in 32 bits. */
    private const MOST_BYTES = 4_200_000_000;
    private const LEVEL = 4;

    /** @return list<string> the strips of a channel, deflated */
    public static function strips(BitPlane $plane): array
    {
        $eight = [];
        for ($byte = 0; $byte < 256; ++$byte) {
            $eight[\chr($byte)] = strtr(\sprintf('%08b', $byte), ['0' => "\0", '1' => "\xff"]);
        }
        $strips = [];
        for ($y = 0; $y < $plane->height; $y += self::ROWS) {
            $rows = '';
            for ($row = $y; $row < min($plane->height, $y + self::ROWS); ++$row) {
                $rows .= substr(strtr($plane->row($row), $eight), 0, $plane->width);
            }
            $strips[] = (string) gzcompress($rows, self::LEVEL);
        }

        return $strips;
    }

    /**
     * @param array<string, list<string>> $channels strips by name, in print order
     * @param float                       $dpiX     pixels per inch
     *
     * @throws \LengthException where it would be larger than such a file can be
     */
    public static function of(int $width, int $height, array $channels, float $dpiX, float $dpiY): string
    {
        $many = \count($channels);
        $data = '';
        $offsets = $counts = [];
        foreach ($channels as $strips) {
            foreach ($strips as $strip) {
                $offsets[] = 8 + \strlen($data);
                $counts[] = \strlen($strip);
                $data .= $strip;
            }
        }
        if (\strlen($data) > self::MOST_BYTES) {
            throw new \LengthException('The channels are larger than a TIFF can be. Write a file a plate in place of one for all.');
        }
        $data .= \strlen($data) % 2 === 1 ? "\0" : '';
        $names = implode('', array_map(static fn (string $name): string => $name."\0", array_keys($channels)));
        $rational = static fn (float $value): string => pack('VV', (int) round($value * 10000), 10000);
        $entries = [
            [256, self::LONG, 1, pack('V', $width)],
            [257, self::LONG, 1, pack('V', $height)],
            [258, self::SHORT, $many, str_repeat(pack('v', 8), $many)],
            [259, self::SHORT, 1, pack('v', 8)],
            [262, self::SHORT, 1, pack('v', 5)],
            [273, self::LONG, \count($offsets), pack('V*', ...$offsets)],
            [277, self::SHORT, 1, pack('v', $many)],
            [278, self::LONG, 1, pack('V', self::ROWS)],
            [279, self::LONG, \count($counts), pack('V*', ...$counts)],
            [282, self::RATIONAL, 1, $rational($dpiX)],
            [283, self::RATIONAL, 1, $rational($dpiY)],
            [284, self::SHORT, 1, pack('v', 2)],
            [296, self::SHORT, 1, pack('v', 2)],
            // Inks that are no cyan, magenta, yellow and black, and their names.
            [332, self::SHORT, 1, pack('v', 2)],
            [333, self::ASCII, \strlen($names), $names],
            [334, self::SHORT, 1, pack('v', $many)],
        ];
        $directory = '';
        foreach ($entries as [$tag, $kind, $count, $value]) {
            if (\strlen($value) > 4) {
                $at = 8 + \strlen($data);
                $data .= $value.(\strlen($value) % 2 === 1 ? "\0" : '');
                $value = pack('V', $at);
            }
            $directory .= pack('vvV', $tag, $kind, $count).str_pad($value, 4, "\0");
        }

        return "II*\0".pack('V', 8 + \strlen($data)).$data.pack('v', \count($entries)).$directory.pack('V', 0);
    }
}
