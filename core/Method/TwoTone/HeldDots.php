<?php

declare(strict_types=1);

namespace Ektype\Core\Method\TwoTone;

use Ektype\Core\Halftone\PressGain;
use Ektype\Core\Mesh\ToneRange;
use Ektype\Core\Raster\CoverageMap;

/** Which tones of a plate a mesh does not hold: dots too small to print, and holes too small to stand. */
final readonly class HeldDots
{
    /** Parts of a tone that is counted in 64: what lies so near a limit is held. */
    private const NEAR = 0.6;

    /** A byte each: how much is printed at which a dot is lost, and from which a hole fills, of CoverageMap::FULL. */
    private function __construct(private float $lost, private float $fills, public float $lostShare, public float $filledShare, public bool $any)
    {
    }

    /** @param CoverageMap $print how much of each place is printed */
    public static function of(CoverageMap $print, ToneRange $mesh, PressGain $gain): self
    {
        // The limits are those of dots on film; printed they are larger by the gain.
        $lost = CoverageMap::FULL * $gain->at(min(1.0, $mesh->lightest))->printed - self::NEAR;
        $fills = CoverageMap::FULL * $gain->at(max(0.0, $mesh->darkest))->printed + self::NEAR;
        $all = max(1, \strlen($print->bytes));
        $lostCount = $filledCount = 0;
        foreach (count_chars($print->bytes, 1) as $byte => $count) {
            $lostCount += $byte > 0 && $byte < $lost ? $count : 0;
            $filledCount += $byte < CoverageMap::FULL && $byte > $fills ? $count : 0;
        }

        return new self($lost, $fills, $lostCount / $all, $filledCount / $all, $mesh->holdsAny());
    }

    /**
     * @param string $lost   RGBA of a place whose dots are lost
     * @param string $filled RGBA of one whose holes fill
     * @param string $clear  RGBA of all others
     *
     * @return string RGBA of each place of the map
     */
    public function marked(CoverageMap $print, string $lost, string $filled, string $clear): string
    {
        $pixels = [];
        for ($byte = 0; $byte <= CoverageMap::FULL; ++$byte) {
            $pixels[\chr($byte)] = match (true) {
                $byte > 0 && $byte < $this->lost => $lost,
                $byte < CoverageMap::FULL && $byte > $this->fills => $filled,
                default => $clear,
            };
        }

        return strtr($print->bytes, $pixels);
    }
}
