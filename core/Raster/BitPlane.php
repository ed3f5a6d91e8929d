<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/**
 * One bit a pixel, 1 where ink will print. Rows run from the top, eight pixels a byte, the leftmost in the
 * highest bit, each row padded to whole bytes with 0.
 */
final readonly class BitPlane
{
    public int $stride;

    public function __construct(public int $width, public int $height, public string $bytes)
    {
        $this->stride = ($width + 7) >> 3;
        if (\strlen($bytes) !== $this->stride * $height) {
            throw new \LengthException(
                \sprintf(
                    'A plane of %d × %d pixels takes %d bytes; %d were given.',
                    $width,
                    $height,
                    $this->stride * $height,
                    \strlen($bytes),
                ),
            );
        }
    }

    public static function blank(int $width, int $height): self
    {
        return new self($width, $height, str_repeat("\0", (($width + 7) >> 3) * $height));
    }

    public function row(int $y): string
    {
        return substr($this->bytes, $y * $this->stride, $this->stride);
    }

    public function isSet(int $x, int $y): bool
    {
        return (\ord($this->bytes[$y * $this->stride + ($x >> 3)]) & (0x80 >> ($x & 7))) !== 0;
    }

    public function or(self $other): self
    {
        return new self($this->width, $this->height, Bits::or($this->bytes, $other->bytes));
    }

    public function and(self $other): self
    {
        return new self($this->width, $this->height, Bits::and($this->bytes, $other->bytes));
    }

    public function without(self $other): self
    {
        return new self($this->width, $this->height, Bits::without($this->bytes, $other->bytes));
    }

    /**
     * From bytes of which nobody knows what their writer left beyond the width: there nothing prints.
     *
     * @throws \LengthException where the bytes are not those of the size
     */
    public static function within(int $width, int $height, string $bytes): self
    {
        if ($width % 8 !== 0) {
            $stride = ($width + 7) >> 3;
            $bytes &= str_repeat(str_repeat("\xff", $stride - 1).\chr(0xFF << (8 - $width % 8) & 255), $height);
        }

        return new self($width, $height, $bytes);
    }

    public function isBlank(): bool
    {
        return strspn($this->bytes, "\0") === \strlen($this->bytes);
    }

    /** How many pixels print. */
    public function count(): int
    {
        return Bits::count($this->bytes);
    }
}
