<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\Core\StepTest\StripSeen;
use Symfony\Component\Validator\Constraints as Assert;

/** What the strips of a step test show. */
final readonly class StripsTold
{
    /** @param list<StripTold> $strips shortest first */
    public function __construct(
        #[Assert\Valid]
        public array $strips,
    ) {
    }

    /** @return list<StripSeen> */
    public function seen(): array
    {
        return array_map(static fn (StripTold $s): StripSeen => $s->seen(), $this->strips);
    }
}
