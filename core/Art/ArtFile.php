<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

use Ektype\Core\Unit\Refusal;

/** A picture as it was brought: its kind and its size, known before a pixel is decoded. */
final readonly class ArtFile
{
    public const MOST_PIXELS = 200_000_000;
    public const MOST_BYTES = 64 * 1024 * 1024;
    private const LEAST_SIDE = 8;

    private function __construct(
        public string $path,
        public string $kind,
        public int $width,
        public int $height,
    ) {
    }

    /**
     * Looks at the head of the file. Width and height are pixels; for an SVG they are user units rounded up.
     *
     * @throws UnreadableArt where it is not a PNG, JPEG, TIFF, WebP or SVG that can be printed from
     */
    public static function at(string $path): self
    {
        $bytes = is_file($path) ? filesize($path) : false;
        if ($bytes === false) {
            throw UnreadableArt::at('art', 'There is no file “'.basename($path).'”. Check the name and bring the picture again.');
        }
        if ($bytes === 0) {
            throw UnreadableArt::at('art', 'The file is empty, so there is nothing to print. Save the picture again and bring that file.');
        }
        if ($bytes > self::MOST_BYTES) {
            throw UnreadableArt::at(
                'art',
                \sprintf(
                    'The file holds %.0f MB; Ektype takes pictures up to 64 MB. Save it as PNG at the size it will print, 300 to 600 ppi.',
                    $bytes / 1048576,
                ),
            );
        }
        $head = (string) file_get_contents($path, false, null, 0, 4096);
        $kind = match (true) {
            str_starts_with($head, "\x89PNG\r\n\x1a\n") => 'png',
            str_starts_with($head, "\xff\xd8\xff") => 'jpeg',
            str_starts_with($head, "II*\0"), str_starts_with($head, "MM\0*") => 'tiff',
            str_starts_with($head, 'RIFF') && substr($head, 8, 4) === 'WEBP' => 'webp',
            default => null,
        };
        if ($kind !== null) {
            $file = self::raster($path, $kind);
            $end = ['png' => 'IEND', 'jpeg' => "\xff\xd9"][$kind] ?? '';
            if (!str_contains((string) file_get_contents($path, false, null, max(0, $bytes - 65536)), $end)) {
                throw self::cutShort();
            }

            return $file;
        }
        if (preg_match('/^(\xEF\xBB\xBF)?\s*<(\?xml|!--|!DOCTYPE|svg)/i', $head) === 1) {
            [$width, $height] = SvgArt::size((string) file_get_contents($path));

            return new self($path, 'svg', $width, $height);
        }

        throw UnreadableArt::at('art', 'This is not a picture that Ektype can read. Bring a PNG, JPEG, TIFF, WebP or SVG.');
    }

    /** A PNG that the program drew itself. */
    public static function drawn(string $png, int $width, int $height): self
    {
        return new self($png, 'png', $width, $height);
    }

    private static function raster(string $path, string $kind): self
    {
        $size = @getimagesize($path);
        if ($size === false) {
            throw self::cutShort();
        }
        [$width, $height] = $size;
        if ($width < 1 || $height < 1) {
            throw UnreadableArt::at('art', 'The picture has no size, so there is nothing to print. Save it again with its pixels.');
        }
        if ($width < self::LEAST_SIDE || $height < self::LEAST_SIDE) {
            throw UnreadableArt::at('art', \sprintf('The picture is %d × %d %s: there is no drawing in it to print. Bring the art itself, at 200 pixels or more an inch of print.', $width, $height, $width * $height === 1 ? 'pixel' : 'pixels'));
        }
        if ($width * $height > self::MOST_PIXELS) {
            throw UnreadableArt::at('art', \sprintf(
                'The picture has %.0f megapixels; Ektype takes up to 200. At 600 ppi that is already wider than any platen: scale it down.',
                $width * $height / 1e6,
            ));
        }

        return new self($path, $kind, $width, $height);
    }

    private static function cutShort(): Refusal
    {
        return UnreadableArt::at('art', 'The picture breaks off: the file is damaged or was cut short, so part of the print would be missing. Save or copy it again and bring the whole file.');
    }
}
