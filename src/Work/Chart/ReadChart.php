<?php

declare(strict_types=1);

namespace Ektype\App\Work\Chart;

use Ektype\Core\Halftone\ReadTone;

/** What a scan of a gain chart says. */
final readonly class ReadChart
{
    /**
     * @param list<ReadTone> $readings every patch between bare and solid
     * @param float|null     $lpi      lines per inch of its dots; null where the scan is too coarse to show them
     */
    public function __construct(public array $readings, public ?float $lpi)
    {
    }
}
