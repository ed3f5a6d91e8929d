<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** What was read of a strike-off, and the press that is to mend it. */
final readonly class RegisterAsked
{
    /** @param list<PrintAsked> $prints */
    public function __construct(
        #[Assert\Valid]
        public array $prints,
        #[Assert\Valid]
        public ?PressAsked $press = null,
        #[Bounded(Quantity::Tolerance)]
        public ?float $toleranceMm = null,
    ) {
    }
}
