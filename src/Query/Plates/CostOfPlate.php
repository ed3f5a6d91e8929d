<?php

declare(strict_types=1);

namespace Ektype\App\Query\Plates;

use Ektype\Core\Method\Spot\PlateLoss;

/** What losing one plate costs. */
final readonly class CostOfPlate
{
    public function __construct(public int $plateId, public PlateLoss $loss)
    {
    }
}
