<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/**
 * Where the centre of the print lies on its frame: in the middle across, and at the press's own height from the
 * frame's end. The print must stay inside the usable middle of the mesh.
 */
final readonly class FilmPlacement
{
    /** School: print inside 70 % of each inside dimension; at most 80 %. */
    public const USABLE = 0.70;
    public const USABLE_AT_MOST = 0.80;

    public float $usedAcross;
    public float $usedAlong;
    /** The larger of the two, share of the inside. */
    public float $used;
    public bool $fits;
    public string $sentence;

    /**
     * All in mm. Heights are measured from the inner edge of the frame's end that the press clamps.
     */
    public function __construct(
        public float $insideWidthMm,
        public float $insideHeightMm,
        public float $printWidthMm,
        public float $printHeightMm,
        public float $centreFromEndMm,
    ) {
        $this->usedAcross = $printWidthMm / $insideWidthMm;
        // Off the middle, the longer half tells how much of the mesh is really used.
        $off = abs($centreFromEndMm - $insideHeightMm / 2);
        $this->usedAlong = ($printHeightMm + 2 * $off) / $insideHeightMm;
        $this->used = max($this->usedAcross, $this->usedAlong);
        $this->fits = $this->used <= self::USABLE;
        $this->sentence = self::says($this->used);
    }

    private static function says(float $share): string
    {
        $used = 100 * $share;

        return match (true) {
            $share <= self::USABLE => \sprintf(
                'The print takes %.0f %% of the mesh, inside the usable %.0f %%.',
                $used,
                100 * self::USABLE,
            ),
            $share <= self::USABLE_AT_MOST => \sprintf('The print takes %.0f %% of the mesh: over the usual %.0f %%, under the most of %.0f %%. The edges will print lighter; a larger frame is better.', $used, 100 * self::USABLE, 100 * self::USABLE_AT_MOST),
            default => \sprintf(
                'The print takes %.0f %% of the mesh, over the %.0f %% that prints evenly: use a larger frame or a smaller print.',
                $used,
                100 * self::USABLE_AT_MOST,
            ),
        };
    }
}
