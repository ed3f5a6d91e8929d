<?php

declare(strict_types=1);

namespace Ektype\App\Query\Hand;

use Ektype\App\Shop\Change\Changes;

/** What a page did last. */
final readonly class SeeHand
{
    public function __construct(private Changes $changes)
    {
    }

    public function of(string $page): OfHand
    {
        return new OfHand($this->changes->lastBy($page)->what ?? '', $this->changes->nextAgainBy($page)->what ?? '');
    }
}
