<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** The ways in which art becomes plates. */
enum MethodName: string
{
    case Spot = 'spot';
    case OneInk = 'one ink';
    case TwoTone = 'two-tone';
    case Simulated = 'simulated';
    case Process = 'process';
    case Index = 'index';
    case Layers = 'layers';

    /** Any of them, for an address. */
    public const PATTERN = 'spot|one ink|two-tone|simulated|process|index|layers';

    /** Whether it is for pictures in tones. */
    public function isTonal(): bool
    {
        return $this !== self::Spot;
    }

    /** Whether halftone dots carry its tones. */
    public function hasDots(): bool
    {
        return !\in_array($this, [self::Spot, self::Index, self::Layers], true);
    }

    /** How its plates make up a colour. */
    public function laid(): PlatesLaid
    {
        return match ($this) {
            self::OneInk, self::TwoTone => PlatesLaid::Beside,
            self::Index => PlatesLaid::Squares,
            default => PlatesLaid::Over,
        };
    }
}
