<?php

declare(strict_types=1);

namespace Ektype\App\Query\Rack;

use Ektype\App\Query\Reckoning\StencilNow;
use Ektype\App\Query\Shelves\FrameOnShelf;
use Ektype\Core\Unit\Figure;

/** A frame with its tension over time and what happened to it. */
final readonly class FrameRecord
{
    /**
     * @param string             $heldBy   what holds it now; empty where nothing does
     * @param list<TensionOfDay> $readings oldest first
     * @param string|null        $belowOn  day on which it falls below the limit; null where it does not or nobody can tell
     * @param float|null         $perMonth N/cm a month; null where there are too few readings
     * @param StencilNow|null    $stencil  the coating that is on it; null where there is none
     * @param list<RecordLine>   $record   what happened to it, latest first
     */
    public function __construct(
        public FrameOnShelf $frame,
        public string $heldBy,
        public ?int $heldByJob,
        public array $readings,
        public Figure $tension,
        public ?string $belowOn,
        public ?float $perMonth,
        public ?StencilNow $stencil,
        public array $record,
    ) {
    }
}
