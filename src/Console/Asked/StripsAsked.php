<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\Core\StepTest\StripSeen;
use Symfony\Component\Validator\Constraints as Assert;

/** What the strips of a step test show. */
final readonly class StripsAsked
{
    /** @param list<StripAsked> $strips shortest first */
    public function __construct(
        #[Assert\Valid]
        public array $strips,
    ) {
    }

    /** @return list<StripSeen> */
    public function seen(): array
    {
        return array_map(static fn (StripAsked $s): StripSeen => new StripSeen($s->seconds, $s->positiveLineMm, $s->reverseLineMm, $s->dotMm, $s->holeMm, $s->slime, raggedEdge: $s->raggedEdge), $this->strips);
    }
}
