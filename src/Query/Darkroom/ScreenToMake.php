<?php

declare(strict_types=1);

namespace Ektype\App\Query\Darkroom;

use Ektype\App\Query\Reckoning\Coat;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Darkroom\ScreenWork;

/** A plate whose screen is not burned yet, with the work that it asks for. */
final readonly class ScreenToMake
{
    /** @param Coat|null $coat how it is to be coated; null where it is */
    public function __construct(public Plate $plate, public ScreenWork $work, public ?Coat $coat)
    {
    }
}
