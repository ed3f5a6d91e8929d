<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Separation\FirstPlate;

/** Somebody waits to see the print before its films are drawn. */
final readonly class FirstLook
{
    /**
     * @param SpotRequest                      $request at the resolution of the screen
     * @param \Closure(list<FirstPlate>): void $show
     */
    public function __construct(public SpotRequest $request, public \Closure $show)
    {
    }
}
