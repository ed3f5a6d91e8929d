<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Request\Within;
use Ektype\Core\Halftone\PatchReading;
use Ektype\Core\Halftone\ReadTone;
use Ektype\Core\Halftone\UnusableGain;
use Symfony\Component\Validator\Constraints as Assert;

/** What was read from a gain chart. */
final readonly class NewChartRead
{
    /**
     * @param list<PatchRead> $readings
     * @param float|null      $bareDensity  of the cloth; needed where patches have densities
     * @param float|null      $solidDensity of the full print
     * @param bool            $simulated    read by the stand-in for press and scanner
     */
    public function __construct(
        #[Assert\Valid, Assert\Count(min: 3, max: 200, minMessage: 'A curve needs three tones between bare and solid at the least. Read more patches of the chart.')]
        public array $readings,
        #[Within(0, 5)]
        public ?float $bareDensity = null,
        #[Within(0, 5)]
        public ?float $solidDensity = null,
        public bool $simulated = false,
    ) {
    }

    /**
     * @return list<ReadTone>
     *
     * @throws UnusableGain where a patch has neither tone nor density, or solid and cloth are one
     */
    public function readings(): array
    {
        return PatchReading::tones(array_map(static fn (PatchRead $p): PatchReading => $p->reading(), $this->readings), $this->bareDensity, $this->solidDensity);
    }
}
