<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

/** Nothing is said beside the scan of a gain chart. */
final readonly class NewChartScan
{
}
