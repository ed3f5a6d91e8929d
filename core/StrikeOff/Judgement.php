<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

/** One thing about a strike-off: whether it holds, what was measured of it and what was reckoned, mm, and a word of whoever looked. */
final readonly class Judgement
{
    public function __construct(public Judged $what, public bool $good, public ?float $measuredMm = null, public ?float $reckonedMm = null, public string $note = '')
    {
    }
}
