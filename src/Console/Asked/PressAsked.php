<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Symfony\Component\Validator\Constraints as Assert;

/** A press by its knobs. */
final readonly class PressAsked
{
    /** @param list<KnobAsked> $knobs */
    public function __construct(#[Assert\Valid] public array $knobs = [])
    {
    }
}
