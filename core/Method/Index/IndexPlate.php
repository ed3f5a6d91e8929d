<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Index;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Separation\GivenInk;

/** A plate of an index print. */
final readonly class IndexPlate
{
    /** @param float $share of the whole print that it covers, 0–1 */
    public function __construct(public GivenInk $ink, public BitPlane $plane, public bool $isBase, public float $share)
    {
    }
}
