<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** What kind of art a picture is, and by that which way of separating it fits. */
final readonly class ArtKind
{
    public const TONAL = 'tonal';
    /** Less of the picture in flat parts than this is tonal (heuristic). */
    private const TONAL_BELOW = 0.4;
    /** One ink, less than this share of the picture, and thin: a line drawing (heuristic). */
    private const LINE_SHARE = 0.35;

    /** @param string $kind flat, line or tonal */
    private function __construct(public string $kind, public string $why)
    {
    }

    /** @param float|null $finestLineMm of the plate with the thinnest line */
    public static function of(Palette $palette, int $inks, float $inkShare, ?float $finestLineMm): self
    {
        $flat = 100 * $palette->flatShare;

        return match (true) {
            $palette->flatShare < self::TONAL_BELOW && $palette->noisy => new self(self::TONAL, \sprintf('Only %.0f %% of the picture lies in flat parts, the rest are blends: spot plates cut them into %s with hard edges. Simulated process keeps the blends on dark cloth, process on white.', $flat, $inks === 1 ? 'one patch' : $inks.' patches')),
            $inks === 1 && $inkShare < self::LINE_SHARE => new self('line', \sprintf(
                'One ink on %.0f %% of the picture%s: a line drawing. One spot plate without halftone; the mesh follows the finest line.',
                100 * $inkShare,
                $finestLineMm === null ? '' : \sprintf(', lines down to %.2f mm', $finestLineMm),
            )),
            default => new self(
                'flat',
                \sprintf(
                    '%.0f %% of the picture lies in flat parts of %d %s: spot plates, one an ink, without halftone.',
                    $flat,
                    $inks,
                    $inks === 1 ? 'colour' : 'colours',
                ),
            ),
        };
    }
}
