<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

/** The methods that the command line separates by. */
enum SeparateWay: string
{
    case Spot = 'spot';
    case Tints = 'tints';
    case OneInk = 'one-ink';
    case TwoTone = 'two-tone';
    case Index = 'index';
    case Simulated = 'simulated';
    case Process = 'process';
    case Layers = 'layers';

    /** Whether its inks are chosen from a shelf, many of them. */
    public function isOfMany(): bool
    {
        return $this === self::Index || $this === self::Simulated;
    }

    /** Whether halftone dots of one or more inks carry its tones. */
    public function isTonal(): bool
    {
        return \in_array($this, [self::OneInk, self::TwoTone, self::Simulated, self::Process], true);
    }
}
