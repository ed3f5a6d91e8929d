<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\Core\Halftone\ReadTone;
use Symfony\Component\Validator\Constraints as Assert;

/** What was read from a gain chart. */
final readonly class NewChartRead
{
    /** @param list<PatchRead> $readings */
    public function __construct(
        #[Assert\Valid, Assert\Count(min: 3, max: 200, minMessage: 'A curve needs three tones between bare and solid at the least. Read more patches of the chart.')]
        public array $readings,
    ) {
    }

    /** @return list<ReadTone> */
    public function readings(): array
    {
        return array_map(static fn (PatchRead $p): ReadTone => new ReadTone($p->filmPct / 100, $p->printedPct / 100), $this->readings);
    }
}
