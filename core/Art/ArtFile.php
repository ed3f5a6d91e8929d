<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

use Ektype\Core\Raster\PixelSize;
use Ektype\Core\Unit\Refusal;

/** A picture as it was brought: its kind and its size, known before a pixel is decoded. */
final readonly class ArtFile
{
    public const MOST_PIXELS = 200_000_000;
    public const MOST_BYTES = 64 * 1024 * 1024;
    private const LEAST_SIDE = 8;

    /** Sides of a drawing are kept as whole numbers in the right proportion, this many for the longer. */
    private const DRAWING_SIDE = 100_000;
    /** Files that are known by their head and not read. */
    private const OTHERS = [
        '8BPS' => 'This is the working file of a paint program, with layers and channels that only that program knows. Save the picture from it as PNG or TIFF, or each ink as a picture of its own.',
        "II+\0" => 'This is a TIFF of the large kind (BigTIFF). Save it as an ordinary TIFF or as PNG at the size it will print, 300 to 600 ppi.',
        "MM\0+" => 'This is a TIFF of the large kind (BigTIFF). Save it as an ordinary TIFF or as PNG at the size it will print, 300 to 600 ppi.',
    ];
    private const GD_PIXELS = 64_000_000;

    /**
     * @param int          $width   of the picture as it belongs, upright
     * @param list<string> $remarks what was taken for granted
     */
    private function __construct(
        public string $path,
        public string $kind,
        public int $width,
        public int $height,
        public Orientation $orientation = Orientation::Upright,
        public array $remarks = [],
    ) {
    }

    /**
     * Looks at the head of the file. Width and height are pixels; for an SVG they are its page in proportion, in user units where those are whole.
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
            str_starts_with($head, 'GIF87a'), str_starts_with($head, 'GIF89a') => 'gif',
            self::isBitmap($head) => 'bmp',
            default => null,
        };
        foreach (self::OTHERS as $begin => $sentence) {
            if (str_starts_with($head, $begin)) {
                throw UnreadableArt::at('art', $sentence);
            }
        }
        if ($kind !== null) {
            return self::raster($path, $kind);
        }
        if (SvgText::isOne($path)) {
            $size = self::whole(SvgArt::size(SvgText::of($path)));

            return new self($path, 'svg', $size->width, $size->height);
        }

        throw UnreadableArt::at('art', 'This is not a picture that Ektype can read. Bring a PNG, JPEG, TIFF, WebP, GIF, BMP, SVG or a PDF of one page.');
    }

    /** A Windows bitmap: its head tells how long it is and where its pixels begin. */
    private static function isBitmap(string $head): bool
    {
        return str_starts_with($head, 'BM') && \strlen($head) > 30 && unpack('v', $head, 6) === [1 => 0] && \in_array(\ord($head[14]), [12, 40, 52, 56, 64, 108, 124], true);
    }

    /** A PNG that the program drew itself. */
    public static function drawn(string $png, int $width, int $height): self
    {
        return new self($png, 'png', $width, $height);
    }

    private static function raster(string $path, string $kind): self
    {
        $told = PictureFile::of($path, $kind);
        if ($told->channels !== '') {
            throw UnreadableArt::at('art', $told->channels);
        }
        $size = @getimagesize($path);
        if ($size === false) {
            throw self::cutShort($kind === 'tiff' || $kind === 'webp' ? $told->missing : 0.0);
        }
        [$width, $height] = $told->orientation->swapsSides() ? [$size[1], $size[0]] : [$size[0], $size[1]];
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

        if ($told->missing > 0) {
            throw self::cutShort($kind === 'tiff' || $kind === 'webp' ? $told->missing : 0.0);
        }
        if ($kind === 'jpeg' && $width * $height <= self::GD_PIXELS) {
            self::mustBeWhole($path);
        }

        return new self($path, $kind, $width, $height, $told->orientation, $told->several ? [
            'The file holds several pictures; the first is taken. Save the one that is to print by itself, if it is another.',
        ] : []);
    }

    /** A JPEG ends in silence where its data breaks off: its decoder alone knows. */
    private static function mustBeWhole(string $path): void
    {
        $complaint = '';
        $ignore = \ini_get('gd.jpeg_ignore_warning');
        ini_set('gd.jpeg_ignore_warning', '0');
        set_error_handler(static function (int $level, string $message) use (&$complaint): bool {
            $complaint = $message;

            return true;
        });
        try {
            $whole = imagecreatefromjpeg($path);
        } finally {
            restore_error_handler();
            ini_set('gd.jpeg_ignore_warning', (string) $ignore);
        }
        if ($whole === false || $complaint !== '') {
            throw self::cutShort(self::greyShare($path));
        }
    }

    /** What is missing of a JPEG stands there as one even tone, from the last row up: its share, 0–1. */
    private static function greyShare(string $path): float
    {
        $ignore = \ini_get('gd.jpeg_ignore_warning');
        ini_set('gd.jpeg_ignore_warning', '1');
        $picture = @imagecreatefromjpeg($path);
        ini_set('gd.jpeg_ignore_warning', (string) $ignore);
        if ($picture === false) {
            return 0.0;
        }
        [$width, $height] = [imagesx($picture), imagesy($picture)];
        $even = imagecolorat($picture, $width - 1, $height - 1);
        for ($y = $height - 1; $y >= 0; --$y) {
            for ($x = 0; $x < $width; $x += 7) {
                if (imagecolorat($picture, $x, $y) !== $even) {
                    return ($height - 1 - $y) / $height;
                }
            }
        }

        return 1.0;
    }

    private static function whole(PageSize $page): PixelSize
    {
        $longest = max($page->width, $page->height);
        $isWhole = abs($page->width - round($page->width)) < 1e-9 && abs($page->height - round($page->height)) < 1e-9;
        $scale = $isWhole && $longest <= self::DRAWING_SIDE ? 1.0 : self::DRAWING_SIDE / $longest;

        return new PixelSize(max(1, (int) round($scale * $page->width)), max(1, (int) round($scale * $page->height)));
    }

    /** @param float $missing share, 0–1; 0 where nobody knows */
    private static function cutShort(float $missing = 0.0): Refusal
    {
        return UnreadableArt::at('art', \sprintf(
            'The picture breaks off: the file is damaged or was cut short, so %s of the print would be missing. Save or copy it again and bring the whole file.',
            $missing < 0.005 ? 'part' : \sprintf('about %.0f %%', 100 * $missing),
        ));
    }
}
