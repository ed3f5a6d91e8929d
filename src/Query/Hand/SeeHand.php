<?php

declare(strict_types=1);

namespace Ektype\App\Query\Hand;

use Ektype\App\Shop\Change\Changes;
use Ektype\App\Shop\Change\Places;

/** What a page did last where it stands. */
final readonly class SeeHand
{
    public function __construct(private Changes $changes, private Places $places)
    {
    }

    public function of(string $page, string $place): OfHand
    {
        $here = $this->places->named($place);

        return new OfHand($this->changes->lastBy($page, $here)->what ?? '', $this->changes->nextAgainBy($page, $here)->what ?? '');
    }
}
