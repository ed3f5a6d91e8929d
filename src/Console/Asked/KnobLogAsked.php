<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Symfony\Component\Validator\Constraints as Assert;

/** A knob with the corrections that were made by it. */
final readonly class KnobLogAsked
{
    /** @param list<KnobPairAsked> $corrections as they were made */
    public function __construct(
        #[Assert\Valid]
        public KnobAsked $knob,
        #[Assert\Valid]
        public array $corrections = [],
    ) {
    }
}
