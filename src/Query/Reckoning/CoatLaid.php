<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\Core\Screen\Edge;

/** How a screen is coated. */
final readonly class CoatLaid
{
    /**
     * @param string $edges how smooth its edges come out
     */
    public function __construct(
        public string $words,
        public Edge $edge,
        public int $printCoats,
        public int $squeegeeCoats,
        public string $edges,
    ) {
    }
}
