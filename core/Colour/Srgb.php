<?php

declare(strict_types=1);

namespace Ektype\Core\Colour;

/**
 * An sRGB colour, 0–255 a channel (IEC 61966-2-1).
 *
 * @phpstan-type Channels array{float, float, float}
 */
final readonly class Srgb
{
    public function __construct(public int $red, public int $green, public int $blue)
    {
    }

    /** @throws UnknownColour when it is not #rgb or #rrggbb */
    public static function fromHex(string $hex, string $on = 'colour'): self
    {
        $digits = ltrim(trim($hex), '#');
        if (preg_match('/^[0-9a-f]{3}$/i', $digits) === 1) {
            $digits = $digits[0].$digits[0].$digits[1].$digits[1].$digits[2].$digits[2];
        }
        if (preg_match('/^[0-9a-f]{6}$/i', $digits) !== 1) {
            throw UnknownColour::at(
                $on,
                \sprintf('“%s” is not a colour. Write it as #rrggbb, such as #1b2436.', mb_strimwidth($hex, 0, 30, '…')),
            );
        }

        return new self((int) hexdec(substr($digits, 0, 2)), (int) hexdec(substr($digits, 2, 2)), (int) hexdec(substr($digits, 4, 2)));
    }

    public function hex(): string
    {
        return \sprintf('#%02x%02x%02x', $this->red, $this->green, $this->blue);
    }

    /**
     * Linear light, 0–1 a channel.
     *
     * @return Channels
     */
    public function linear(): array
    {
        return [self::toLinear($this->red), self::toLinear($this->green), self::toLinear($this->blue)];
    }

    /** @param Channels $linear light, 0–1 a channel; values outside are the nearest that sRGB holds */
    public static function fromLinear(array $linear): self
    {
        return new self(self::fromLinearChannel($linear[0]), self::fromLinearChannel($linear[1]), self::fromLinearChannel($linear[2]));
    }

    public static function toLinear(int $channel): float
    {
        $c = $channel / 255;

        return $c <= 0.04045 ? $c / 12.92 : (($c + 0.055) / 1.055) ** 2.4;
    }

    public static function fromLinearChannel(float $light): int
    {
        $light = max(0.0, min(1.0, $light));
        $c = $light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055;

        return (int) round($c * 255);
    }
}
