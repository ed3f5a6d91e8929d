<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Process;

/** An ICC profile of four inks whose colours are known. */
final class HandMadeProfile
{
    /** A profile written by hand (ICC.1:2001, lut8Type): cyan, magenta and yellow by the lightness alone. */
    public static function bytes(): string
    {
        $straight = implode('', array_map(\chr(...), range(0, 255)));
        $lut = static fn (int $in, int $out, string $nodes): string => "mft1\0\0\0\0".\chr($in).\chr($out)."\2\0".pack('N*', 65536, 0, 0, 0, 65536, 0, 0, 0, 65536).str_repeat($straight, $in).$nodes.str_repeat($straight, $out);
        $text = static fn (string $says): string => 'text'."\0\0\0\0".$says."\0";
        $tags = [
            'desc' => 'desc'."\0\0\0\0".pack('N', 8)."by hand\0".str_repeat("\0", 78),
            'cprt' => $text('none'),
            'wtpt' => 'XYZ '."\0\0\0\0".pack('N*', 63190, 65536, 54061),
            // Dark first: L* is the slowest axis.
            'B2A0' => $lut(3, 4, str_repeat("\xff\x80\x40\x00", 4).str_repeat("\0\0\0\0", 4)),
            'A2B0' => $lut(4, 3, implode('', array_map(static fn (int $i): string => ($i >> 3 & 1) === 1 ? "\0\x80\x80" : "\xff\x80\x80", range(0, 15)))),
        ];
        $table = pack('N', \count($tags));
        $bodies = '';
        foreach ($tags as $name => $body) {
            $table .= $name.pack('N*', 128 + 4 + 12 * \count($tags) + \strlen($bodies), \strlen($body));
            $bodies .= str_pad($body, 4 * (int) ceil(\strlen($body) / 4), "\0");
        }
        $header = pack('N', 128 + \strlen($table) + \strlen($bodies))."\0\0\0\0".pack('N', 0x02400000).'prtrCMYKLab '.pack('n*', 2026, 1, 1, 0, 0, 0).'acsp'.str_repeat("\0", 28).pack('N*', 63190, 65536, 54061);

        return str_pad($header, 128, "\0").$table.$bodies;
    }
}
