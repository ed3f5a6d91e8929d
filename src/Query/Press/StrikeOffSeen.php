<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

/** What the scan of a strike-off showed. */
final readonly class StrikeOffSeen
{
    /**
     * @param list<PlateSeen> $plates but the key, in print order
     * @param list<string>    $says   plain sentences
     */
    public function __construct(public string $key, public float $turnedDeg, public bool $upsideDown, public float $sizePct, public array $plates, public array $says)
    {
    }
}
