<?php

declare(strict_types=1);

namespace Ektype\App\Work\First;

/** The print of art whose films are not drawn yet, from plates at the size of the screen. */
final readonly class FirstPull
{
    /**
     * @param string             $key    changes whenever it has to be drawn anew
     * @param list<PlateOfFirst> $plates in print order; none where there is nothing to show before the films
     */
    public function __construct(public string $key, public array $plates)
    {
    }
}
