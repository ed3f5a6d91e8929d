<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

/** A drawing as plain text, however it was packed: zipped (SVGZ), or in UTF-16; its named values filled in. */
final class SvgText
{
    /** @throws UnreadableArt where it is zipped and damaged, or unpacks to more than a drawing may be */
    public static function of(string $path): string
    {
        $bytes = (string) file_get_contents($path);
        if (str_starts_with($bytes, "\x1f\x8b")) {
            $bytes = self::unzipped($bytes);
        }
        $utf16 = match (true) {
            str_starts_with($bytes, "\xff\xfe"), str_starts_with($bytes, "<\0") => 'UTF-16LE',
            str_starts_with($bytes, "\xfe\xff"), str_starts_with($bytes, "\0<") => 'UTF-16BE',
            default => null,
        };
        if ($utf16 !== null) {
            $bytes = mb_convert_encoding(ltrim($bytes, "\xff\xfe"), 'UTF-8', $utf16);
            $bytes = (string) preg_replace('/^(\s*<\?xml[^>]*?)\s+encoding\s*=\s*(["\'])[^"\']*\2/i', '$1', $bytes);
        }

        return StyleValues::filledIn($bytes);
    }

    /** Whether a file begins as a drawing does. */
    public static function isOne(string $path): bool
    {
        $head = (string) file_get_contents($path, false, null, 0, 4096);
        if (str_starts_with($head, "\x1f\x8b")) {
            // The start of a zipped file unpacks as far as it goes.
            $unpack = inflate_init(\ZLIB_ENCODING_GZIP);
            $head = $unpack === false ? '' : (string) @inflate_add($unpack, $head, \ZLIB_SYNC_FLUSH);
        }

        return preg_match('/^(\xEF\xBB\xBF)?\s*<(\?xml|!--|!DOCTYPE|svg)/i', str_replace("\0", '', ltrim($head, "\xff\xfe"))) === 1;
    }

    private static function unzipped(string $bytes): string
    {
        $flat = @gzdecode($bytes, ArtFile::MOST_BYTES + 1);
        if ($flat === false || \strlen($flat) > ArtFile::MOST_BYTES) {
            throw UnreadableArt::at('art', 'The zipped drawing is damaged, or unpacks to more than 64 MB. Save it again, unzipped, from the drawing program.');
        }

        return $flat;
    }
}
