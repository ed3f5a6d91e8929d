<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

/** A flash on the way of a piece round the press. */
final readonly class FlashOnRun
{
    /**
     * @param string        $does  what the dwell does to the ink
     * @param float|null    $coldS the dwell of the first piece, on cold platens; null where it never gels
     * @param list<FlashAt> $heats what shorter and longer ones would do
     */
    public function __construct(public string $after, public float $dwellS, public float $fromS, public ?float $toS, public float $surfaceC, public float $coolS, public string $does, public array $heats, public ?float $coldS)
    {
    }
}
