<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** What the hands do: turns of the knobs, or taps where no knobs can, and what remains at the marks afterwards. */
final readonly class Mending
{
    /**
     * @param list<KnobTurn>  $turns
     * @param list<CornerTap> $taps
     * @param list<string>    $says  plain sentences
     * @param RigidMove       $moves the frame, as far as turns or taps go
     */
    public function __construct(public array $turns, public array $taps, public float $afterMaxMm, public array $says, public RigidMove $moves)
    {
    }
}
