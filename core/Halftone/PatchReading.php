<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/** What a hand read from a patch of a gain chart: how much of it is printed, or its density. */
final readonly class PatchReading
{
    /**
     * @param float      $film    its tone on film, 0–1
     * @param float|null $printed how much of it was printed, 0–1
     * @param float|null $density instead of that, as a densitometer reads it
     */
    public function __construct(public float $film, public ?float $printed, public ?float $density)
    {
    }

    /**
     * @param list<self> $readings
     * @param float|null $bare     density of the cloth; needed where patches have densities
     * @param float|null $solid    density of the full print
     *
     * @return list<ReadTone>
     *
     * @throws UnusableGain where a patch has neither, or solid and cloth are one
     */
    public static function tones(array $readings, ?float $bare, ?float $solid): array
    {
        $tones = [];
        foreach ($readings as $i => $reading) {
            try {
                $tones[] = $reading->tone($bare, $solid);
            } catch (UnusableGain $fault) {
                throw $fault->on === 'printed' ? $fault->within("readings[$i]") : $fault;
            }
        }

        return $tones;
    }

    private function tone(?float $bare, ?float $solid): ReadTone
    {
        if ($this->printed !== null) {
            return new ReadTone($this->film, $this->printed);
        }
        if ($this->density === null) {
            throw UnusableGain::at('printed', \sprintf('The patch of %.0f %% has neither a tone in per cent nor a density. Read it, or leave it out.', 100 * $this->film));
        }
        if ($bare === null || $solid === null) {
            throw UnusableGain::at('solid_density', 'Densities need those of the bare cloth and of the solid beside them: read both.');
        }

        return new ReadTone($this->film, MurrayDavies::printed($this->density, $bare, $solid));
    }
}
