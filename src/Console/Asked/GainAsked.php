<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\Core\Halftone\PatchReading;
use Ektype\Core\Halftone\ReadTone;
use Symfony\Component\Validator\Constraints as Assert;

/** A chart that was printed and read, patch by patch. */
final readonly class GainAsked
{
    /**
     * @param list<PatchAsked> $readings
     * @param float|null       $bareDensity  of the cloth; needed where patches have densities
     * @param float|null       $solidDensity of the full print
     */
    public function __construct(
        #[Assert\Valid]
        public array $readings,
        public ?float $bareDensity = null,
        public ?float $solidDensity = null,
    ) {
    }

    /**
     * @return list<ReadTone>
     *
     * @throws \Ektype\Core\Halftone\UnusableGain where a patch has neither tone nor density, or solid and cloth are one
     */
    public function tones(): array
    {
        return PatchReading::tones(array_map(static fn (PatchAsked $p): PatchReading => $p->reading(), $this->readings), $this->bareDensity, $this->solidDensity);
    }
}
