<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

/** How the art is taken from its picture: a part of it, turned, mirrored, in this order. */
final readonly class ArtFraming
{
    private const LEAST = 0.01;
    /** Shares are written with three digits: so much beyond the edge is none. */
    private const ROUNDING = 0.0005;

    public float $width;
    public float $height;

    /**
     * @param float $left    where the part begins, share of the picture's width from its left, 0–1
     * @param float $top     the same from its top
     * @param float $width   how much of the picture's width is taken, 0–1
     * @param float $height  how much of its height
     * @param float $turnDeg degrees anticlockwise
     *
     * @throws ImpossibleFraming where nothing of the picture would be left, or the part lies beyond it
     */
    public function __construct(
        public float $left = 0.0,
        public float $top = 0.0,
        float $width = 1.0,
        float $height = 1.0,
        public float $turnDeg = 0.0,
        public bool $mirror = false,
    ) {
        foreach (['left' => $left, 'top' => $top, 'width' => $width, 'height' => $height] as $side => $share) {
            if ($share < 0 || $share > 1) {
                throw ImpossibleFraming::at(
                    $side,
                    \sprintf('A part of the picture is told in shares from 0 to 1; %g is none. Check the figure.', $share),
                );
            }
        }
        if ($width < self::LEAST || $height < self::LEAST) {
            throw ImpossibleFraming::at(
                $width < self::LEAST ? 'width' : 'height',
                'Less than a hundredth of the picture would be left to print. Take a larger part.',
            );
        }
        if ($left + $width > 1 + self::ROUNDING || $top + $height > 1 + self::ROUNDING) {
            throw ImpossibleFraming::at(
                $left + $width > 1 + self::ROUNDING ? 'width' : 'height',
                'The part reaches beyond the edge of the picture, where there is nothing to print. Take less, or begin further in.',
            );
        }
        if (abs($turnDeg) > 360) {
            throw ImpossibleFraming::at('turn', \sprintf('A turn of %g° is more than once round. Give −360 to 360 degrees.', $turnDeg));
        }
        $this->width = min($width, 1 - $left);
        $this->height = min($height, 1 - $top);
    }

    public function isWhole(): bool
    {
        return $this->width > 0.9999 && $this->height > 0.9999 && !$this->turns() && !$this->mirror;
    }

    public function turns(): bool
    {
        return abs(fmod($this->turnDeg, 360)) > 0.005;
    }

    /**
     * What is left of a picture of this size, in the same unit.
     */
    public function size(float $width, float $height): PageSize
    {
        $cos = abs(cos(deg2rad($this->turnDeg)));
        $sin = abs(sin(deg2rad($this->turnDeg)));
        $w = $width * $this->width;
        $h = $height * $this->height;

        return new PageSize($w * $cos + $h * $sin, $w * $sin + $h * $cos);
    }
}
