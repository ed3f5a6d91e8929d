<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\KnobLayout;

/** A usual layout of knobs, to begin with. */
final readonly class KnobsOffered
{
    /** Centre of the print from the clamped end, mm (heuristic). */
    public const CENTRE_MM = 270.0;

    /** @param list<Knob> $knobs */
    private function __construct(public string $kind, public string $says, public array $knobs)
    {
    }

    public static function of(KnobLayout $layout): self
    {
        return new self($layout->value, $layout->says(), $layout->knobs(self::CENTRE_MM));
    }
}
