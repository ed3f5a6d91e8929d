<?php

declare(strict_types=1);

namespace Ektype\Core\Colour;

/**
 * The sRGB colour space as an ICC profile (version 2, matrix and curves), made here from its definition
 * (IEC 61966-2-1, its primaries adapted to D50), so that art with a profile of its own can be brought into it.
 *
 * @phpstan-import-type Channels from Srgb
 */
final class SrgbProfile
{
    /** Primaries adapted to D50, X Y Z (published with the standard). */
    private const PRIMARIES = [
        'rXYZ' => [0.43607, 0.22249, 0.01392],
        'gXYZ' => [0.38515, 0.71687, 0.09708],
        'bXYZ' => [0.14307, 0.06061, 0.71410],
    ];
    private const WHITE = [0.96420, 1.00000, 0.82491];
    private const CURVE_POINTS = 1024;

    public static function bytes(): string
    {
        $curve = 'curv'.pack('NN', 0, self::CURVE_POINTS);
        for ($i = 0; $i < self::CURVE_POINTS; ++$i) {
            $c = $i / (self::CURVE_POINTS - 1);
            $curve .= pack('n', (int) round(65535 * ($c <= 0.04045 ? $c / 12.92 : (($c + 0.055) / 1.055) ** 2.4)));
        }
        $name = "sRGB\0";
        $description = 'desc'.pack('NN', 0, \strlen($name)).$name.pack('NN', 0, 0).pack('nC', 0, 0).str_repeat("\0", 67);
        $tags = ['desc' => $description, 'cprt' => 'text'.pack('N', 0)."No copyright\0", 'wtpt' => self::xyz(self::WHITE)];
        foreach (self::PRIMARIES as $tag => $primary) {
            $tags[$tag] = self::xyz($primary);
        }
        $tags['rTRC'] = $tags['gTRC'] = $tags['bTRC'] = $curve;

        $table = pack('N', \count($tags));
        $data = '';
        $placed = [];
        $start = 128 + 4 + 12 * \count($tags);
        foreach ($tags as $tag => $content) {
            if (!isset($placed[$content])) {
                $placed[$content] = $start + \strlen($data);
                $data .= $content.str_repeat("\0", (4 - \strlen($content) % 4) % 4);
            }
            $table .= $tag.pack('NN', $placed[$content], \strlen($content));
        }
        $head = pack('N', $start + \strlen($data))."\0\0\0\0".pack('N', 0x02100000).'mntrRGB XYZ '.pack('n6', 2026, 1, 1, 0, 0, 0).'acsp'
            .str_repeat("\0", 28).self::fixed(self::WHITE);

        return str_pad($head, 128, "\0").$table.$data;
    }

    /** @param Channels $xyz */
    private static function xyz(array $xyz): string
    {
        return 'XYZ '.pack('N', 0).self::fixed($xyz);
    }

    /** @param Channels $xyz */
    private static function fixed(array $xyz): string
    {
        return pack('N3', (int) round($xyz[0] * 65536), (int) round($xyz[1] * 65536), (int) round($xyz[2] * 65536));
    }
}
