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
    private const MOST_CHUNKS = 200_000;

    /**
     * @param float $missing share of the file that is not there, 0–1
     * @param bool  $several whether more pictures follow the first
     */
    private function __construct(public float $missing, public Orientation $orientation, public bool $several)
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

        return new self($wanted === 0 ? 1.0 : 1 - $there / $wanted, self::upright($ifd), $ifd->hasMore);
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
