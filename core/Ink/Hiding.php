<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

/** Hiding power where nobody told it of an ink, 0–1. */
final class Hiding
{
    /** Of a usual opaque ink, one stroke through 61–64 on a flashed base (heuristic). */
    public const USUAL = 0.93;
    /** Of an ink that is to look like its colour: a plate before an ink is chosen for it (heuristic). */
    public const WISHED = 0.95;
}
