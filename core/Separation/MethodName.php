<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** The ways in which art becomes plates. */
enum MethodName: string
{
    case Spot = 'spot';
    case OneInk = 'one ink';
    case TwoTone = 'two-tone';

    /** Whether its plates print tones by dots. */
    public function isTonal(): bool
    {
        return $this !== self::Spot;
    }
}
