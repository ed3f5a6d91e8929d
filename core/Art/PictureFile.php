<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

/**
 * What the parts of a picture file say of it before a pixel is decoded: whether all of it is there, which way up it
 * belongs, and whether more pictures follow the first.
 */
final readonly class PictureFile
{
    private const STRIPS = [273, 279];
    private const TILES = [324, 325];
    private const ORIENTATION = 274;
    private const KIND = 262;
    private const SAMPLES = 277;
    private const INK_SET = 332;
    private const INK_NAMES = 333;
    private const EXTRA = 338;
    /** Channels that a picture of each kind has: white or black, colours of a table, red green blue, four inks, luminance, Lab. */
    private const OWN_SAMPLES = [0 => 1, 1 => 1, 2 => 3, 3 => 1, 5 => 4, 6 => 3, 8 => 3];
    private const MOST_CHUNKS = 200_000;

    /**
     * @param float  $missing  share of the file that is not there, 0–1
     * @param bool   $several  whether more pictures follow the first
     * @param string $channels why its channels cannot be taken for a picture; empty where they can
     */
    private function __construct(public float $missing, public Orientation $orientation, public bool $several, public string $channels = '')
    {
    }

    public static function of(string $path, string $kind): self
    {
        $file = fopen($path, 'r');
        if ($file === false) {
            return new self(1.0, Orientation::Upright, false);
        }
        $bytes = (int) filesize($path);
        $read = static function (int $at, int $count) use ($file, $bytes): string {
            if ($at < 0 || $at >= $bytes || $count < 1) {
                return '';
            }
            fseek($file, $at);

            return (string) fread($file, max(1, min($count, $bytes - $at)));
        };
        $told = match ($kind) {
            'tiff' => self::tiff($read, $bytes),
            'gif' => self::gif($read, $bytes),
            'bmp' => self::bmp($read, $bytes),
            'png' => self::png($read, $bytes),
            'webp' => self::webp($read, $bytes),
            default => self::jpeg($read, $bytes),
        };
        fclose($file);

        return $told;
    }

    /** @param callable(int, int): string $read */
    private static function tiff(callable $read, int $bytes): self
    {
        $ifd = Ifd::at($read);
        if ($ifd === null) {
            return new self(1.0, Orientation::Upright, false);
        }
        [$there, $wanted] = [0, 0];
        foreach ([self::STRIPS, self::TILES] as [$places, $lengths]) {
            foreach ($ifd->values[$places] ?? [] as $i => $at) {
                $length = $ifd->values[$lengths][$i] ?? 0;
                $wanted += $length;
                $there += max(0, min($length, $bytes - $at));
            }
        }

        return new self($wanted === 0 ? 1.0 : 1 - $there / $wanted, self::upright($ifd), $ifd->hasMore, self::channels($ifd));
    }

    /** A channel that nothing says the meaning of is neither dropped nor taken for transparency. */
    private static function channels(Ifd $ifd): string
    {
        $many = $ifd->first(self::SAMPLES) ?? 1;
        $names = array_values(array_filter(explode("\0", implode('', array_map(\chr(...), $ifd->values[self::INK_NAMES] ?? []))), static fn (string $name): bool => $name !== ''));
        if ($ifd->first(self::KIND) === 5 && $ifd->first(self::INK_SET) === 2) {
            return \sprintf('The TIFF holds %d plates%s, each in an ink of its own, and no picture: read as colours they would come out wrong. Save each plate as a picture of its own, black where it prints, and bring them as sheets that were drawn by hand.', $many, $names === [] ? '' : ' ('.implode(', ', $names).')');
        }
        $extra = $many - (self::OWN_SAMPLES[$ifd->first(self::KIND) ?? 0] ?? $many);
        $unknown = \count(array_filter($ifd->values[self::EXTRA] ?? array_fill(0, max(0, $extra), 0), static fn (int $means): bool => $means === 0));

        return $extra > 0 && $unknown > 0 ? \sprintf(
            'Beside its colours the TIFF holds %s, and nothing in it says what %s for: clear parts, a white under the colours, an ink of its own. Save it without, with clear parts as transparency, or save an ink as a picture of its own.',
            $unknown === 1 ? 'one more channel' : $unknown.' more channels',
            $unknown === 1 ? 'it is' : 'they are',
        ) : '';
    }

    /** @param callable(int, int): string $read */
    private static function gif(callable $read, int $bytes): self
    {
        $several = preg_match_all('/\x21\xf9\x04.{4}\x00[\x2c\x21]/s', $read(0, $bytes)) > 1;

        return new self(str_contains($read(max(0, $bytes - 16), 16), "\x3b") ? 0.0 : 0.01, Orientation::Upright, $several);
    }

    /** @param callable(int, int): string $read */
    private static function bmp(callable $read, int $bytes): self
    {
        $whole = self::little($read(2, 4));

        return new self($whole <= $bytes || $whole === 0 ? 0.0 : 1 - $bytes / $whole, Orientation::Upright, false);
    }

    /** @param callable(int, int): string $read */
    private static function png(callable $read, int $bytes): self
    {
        [$orientation, $several, $there] = [Orientation::Upright, false, 0];
        for ($at = 8, $i = 0; $i < self::MOST_CHUNKS; ++$i) {
            $head = $read($at, 8);
            if (\strlen($head) < 8) {
                break;
            }
            $length = self::big($head);
            $kind = substr($head, 4);
            if ($at + 12 + $length > $bytes) {
                break;
            }
            $there = $at + 12 + $length;
            if ($kind === 'eXIf') {
                $orientation = self::upright(Ifd::at(self::within($read, $at + 8, $length)));
            }
            $several = $several || $kind === 'acTL';
            if ($kind === 'IEND') {
                return new self(0.0, $orientation, $several);
            }
            $at = $there;
        }

        // Nobody knows how long it was to be; the last whole piece is all that is sure.
        return new self(max(0.01, 1 - $there / max(1, $bytes)), $orientation, $several);
    }

    /** @param callable(int, int): string $read */
    private static function webp(callable $read, int $bytes): self
    {
        $whole = self::little($read(4, 4)) + 8;
        [$orientation, $several] = [Orientation::Upright, false];
        for ($at = 12, $i = 0; $i < self::MOST_CHUNKS && $at + 8 <= $bytes; ++$i) {
            $head = $read($at, 8);
            $length = self::little(substr($head, 4));
            $kind = substr($head, 0, 4);
            if ($kind === 'EXIF') {
                $skip = $read($at + 8, 6) === "Exif\0\0" ? 6 : 0;
                $orientation = self::upright(Ifd::at(self::within($read, $at + 8 + $skip, $length - $skip)));
            }
            $several = $several || $kind === 'ANMF';
            $at += 8 + $length + $length % 2;
        }

        return new self($whole <= $bytes ? 0.0 : 1 - $bytes / $whole, $orientation, $several);
    }

    /** @param callable(int, int): string $read */
    private static function jpeg(callable $read, int $bytes): self
    {
        $orientation = Orientation::Upright;
        $at = 2;
        while (true) {
            $head = $read($at, 4);
            if (\strlen($head) < 4 || $head[0] !== "\xff") {
                break;
            }
            $length = self::big("\0\0".substr($head, 2));
            if ($head[1] === "\xe1" && $read($at + 4, 6) === "Exif\0\0") {
                $orientation = self::upright(Ifd::at(self::within($read, $at + 10, $length - 8)));
            }
            if ($head[1] === "\xda" || $length < 2) {
                break;
            }
            $at += 2 + $length;
        }
        $end = $read(max(0, $bytes - 65536), 65536);

        return new self(str_contains($end, "\xff\xd9") ? 0.0 : 0.01, $orientation, false);
    }

    private static function upright(?Ifd $ifd): Orientation
    {
        return Orientation::tryFrom($ifd?->first(self::ORIENTATION) ?? 1) ?? Orientation::Upright;
    }

    /**
     * @param callable(int, int): string $read
     *
     * @return callable(int, int): string
     */
    private static function within(callable $read, int $start, int $length): callable
    {
        return static fn (int $at, int $count): string => $at >= $length ? '' : $read($start + $at, min($count, $length - $at));
    }

    private static function big(string $four): int
    {
        return \ord($four[0]) << 24 | \ord($four[1]) << 16 | \ord($four[2]) << 8 | \ord($four[3]);
    }

    private static function little(string $four): int
    {
        return self::big(strrev(str_pad($four, 4, "\0")));
    }
}
