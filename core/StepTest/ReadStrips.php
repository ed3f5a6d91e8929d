<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

/** What a picture shows of strips, and what follows. */
final readonly class ReadStrips
{
    /**
     * @param list<StripSeen> $strips shortest first
     * @param bool            $unsure whether somebody must look through a loupe before it is believed
     */
    public function __construct(public array $strips, public StripsRead $read, public bool $unsure)
    {
    }
}
