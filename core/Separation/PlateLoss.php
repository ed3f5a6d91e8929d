<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** What losing one plate alone costs: dropped, or printed in the ink nearest to it. */
final readonly class PlateLoss
{
    /** @param string|null $into the ink nearest to it; null where it is the only one */
    public function __construct(public string $name, public SeenChange $dropped, public ?string $into, public ?SeenChange $merged)
    {
    }
}
