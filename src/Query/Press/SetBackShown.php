<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

/** How far a screen is set back against its stroke. */
final readonly class SetBackShown
{
    /** @param float $dragMm of the screen as it is believed, along the stroke */
    public function __construct(public float $mm, public float $reachMm, public float $dragMm, public string $says)
    {
    }
}
