<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

/** The best print with so many inks. */
final readonly class FewerInks
{
    /**
     * @param list<int>            $kept    inks that stay
     * @param array<int, int|null> $becomes ink that is given up => the ink that it prints as, null the garment
     * @param array<int, float>    $tones   ink that is given up and prints as dots of that one => how much of it, 0–1
     */
    public function __construct(public int $inks, public array $kept, public array $becomes, public SeenChange $change, public array $tones = [])
    {
    }
}
