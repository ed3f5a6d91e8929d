<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;

/** How the art is taken from its picture: a part of it, turned, mirrored, in this order. */
final readonly class ArtFraming
{
    /**
     * @param float $left    where the part begins, share of the picture's width from its left, 0–1
     * @param float $top     the same from its top
     * @param float $width   how much of the picture's width is taken, 0–1
     * @param float $height  how much of its height
     * @param float $turnDeg degrees anticlockwise
     */
    public function __construct(
        public float $left = 0.0,
        public float $top = 0.0,
        public float $width = 1.0,
        public float $height = 1.0,
        public float $turnDeg = 0.0,
        public bool $mirror = false,
    ) {
    }

    /** @throws Refusal where nothing of the picture would be left */
    public static function given(Given $given): self
    {
        $left = $given->has('left') ? $given->number('left', 0, 1) : 0.0;
        $top = $given->has('top') ? $given->number('top', 0, 1) : 0.0;
        $width = $given->has('width') ? $given->number('width', 0, 1) : 1.0;
        $height = $given->has('height') ? $given->number('height', 0, 1) : 1.0;
        if ($width < 0.01 || $height < 0.01) {
            throw Refusal::at($given->pathOf($width < 0.01 ? 'width' : 'height'), 'Less than a hundredth of the picture would be left to print. Take a larger part.');
        }
        if ($left + $width > 1.0005 || $top + $height > 1.0005) {
            throw Refusal::at($given->pathOf($left + $width > 1.0005 ? 'width' : 'height'), 'The part reaches beyond the edge of the picture, where there is nothing to print. Take less, or begin further in.');
        }

        return new self($left, $top, min($width, 1 - $left), min($height, 1 - $top), $given->has('turnDeg') ? $given->number('turnDeg', -360, 360, 'degrees') : 0.0, $given->flag('mirror'));
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
     * Width and height of what is left of a picture of this size, in the same unit.
     *
     * @return array{float, float}
     */
    public function size(float $width, float $height): array
    {
        $cos = abs(cos(deg2rad($this->turnDeg)));
        $sin = abs(sin(deg2rad($this->turnDeg)));
        $w = $width * $this->width;
        $h = $height * $this->height;

        return [$w * $cos + $h * $sin, $w * $sin + $h * $cos];
    }

    /** @return array{left: float, top: float, width: float, height: float, turnDeg: float, mirror: bool} */
    public function toArray(): array
    {
        return ['left' => $this->left, 'top' => $this->top, 'width' => $this->width, 'height' => $this->height, 'turnDeg' => $this->turnDeg, 'mirror' => $this->mirror];
    }
}
