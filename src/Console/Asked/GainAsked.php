<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\Core\Halftone\ReadTone;
use Ektype\Core\Halftone\UnusableGain;
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

    /** @return list<ReadTone> */
    public function tones(): array
    {
        $tones = [];
        foreach ($this->readings as $i => $patch) {
            try {
                $tones[] = $patch->tone($this->bareDensity, $this->solidDensity);
            } catch (UnusableGain $fault) {
                throw $fault->on === 'printed' ? $fault->within("readings[$i]") : $fault;
            }
        }

        return $tones;
    }
}
