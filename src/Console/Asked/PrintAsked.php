<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Symfony\Component\Validator\Constraints as Assert;

/** One print of the strike-off. */
final readonly class PrintAsked
{
    /** @param list<MarkAsked> $readings */
    public function __construct(#[Assert\Valid] public array $readings, #[Within(1, 48)] public ?int $platen = null)
    {
    }
}
