<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** An ink of the shelf and how far it is from a colour of the art. */
final readonly class NearInk
{
    /** @param float|null $gramsLeft in its pot, as it was weighed last */
    public function __construct(public int $inkId, public string $name, public string $hex, public float $deltaE, public ?float $gramsLeft)
    {
    }
}
