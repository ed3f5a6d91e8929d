<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Plate\PlateRole;

/** The squeegee of a screen by the trade’s usual: how hard, how wide, at which angle. */
final readonly class Squeegee
{
    /** Wider than the art on each side by this, mm (10 to 20 usual), and clear of the frame by as much. */
    private const BEYOND_MM = 15.0;
    private const LEAST_BEYOND_MM = 10.0;
    private const CLEAR_MM = 15.0;
    /** Made in whole tens, mm. */
    private const MADE_MM = 10.0;
    /** Detail finer than this is detail, mm (heuristic). */
    private const FINE_MM = 0.3;

    private function __construct(public string $hardness, public float $widthMm, public float $angleDeg, public string $says, public bool $fits)
    {
    }

    /**
     * @param float|null $finestMm thinnest line or gap of the plate; null where it has none
     * @param bool       $tones    whether it prints dots
     * @param bool       $wetOnWet whether it prints on ink that is still wet
     * @param float|null $insideMm of the frame, across the stroke; null where none is chosen
     */
    public static function of(PlateRole $role, ?float $finestMm, bool $tones, bool $wetOnWet, float $artWidthMm, ?float $insideMm = null): self
    {
        $fine = $tones || ($finestMm !== null && $finestMm < self::FINE_MM);
        [$hardness, $why] = match (true) {
            $role === PlateRole::Base => ['60–65', 'soft, for a heavy deposit'],
            $fine && $wetOnWet => ['70/90/70', 'a hard core between soft edges, for detail wet on wet'],
            $fine => ['75–80', 'hard, for detail'],
            default => ['70', 'for general work'],
        };
        $width = self::MADE_MM * ceil(($artWidthMm + 2 * self::BEYOND_MM) / self::MADE_MM);
        $most = $insideMm === null ? \INF : $insideMm - 2 * self::CLEAR_MM;
        $fits = $artWidthMm + 2 * self::LEAST_BEYOND_MM <= $most;
        if ($width > $most) {
            $width = $fits ? self::MADE_MM * floor($most / self::MADE_MM) : $width;
        }

        return new self(
            $hardness,
            $width,
            $tones ? 80.0 : 75.0,
            $fits
                ? \sprintf('%s, %.0f mm wide, %.0f° to the mesh: %s.', $hardness, $width, $tones ? 80.0 : 75.0, $why)
                : \sprintf('A squeegee of %.0f mm, wide enough for the print, does not fit into this frame. Its edges would print thin: take a wider frame.', $width),
            $fits,
        );
    }
}
