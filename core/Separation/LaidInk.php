<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Plate\Laying;

/** The ink of a plate and how it lies. */
final readonly class LaidInk
{
    /**
     * @param string $name       of the ink that was given, empty where none was
     * @param Laying $laying     how often it is laid down
     * @param bool   $overprints whether its neighbours run on under it
     * @param bool   $mixed      whether it is mixed for the plate: none of the shelf serves
     */
    public function __construct(public string $name = '', public Laying $laying = Laying::Once, public bool $overprints = false, public bool $mixed = false)
    {
    }
}
