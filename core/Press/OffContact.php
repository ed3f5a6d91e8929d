<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Plate\Substrate;
use Ektype\Core\Screen\Tension;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** How far the screen stands off the garment: as low as still snaps off, by tension (heuristic table). */
final class OffContact
{
    /** N/cm and mm, interpolated between. */
    private const BY_TENSION = [[15.0, 4.5], [20.0, 3.2], [25.0, 2.2], [30.0, 1.6]];

    /** mm over the garment; fleece stands higher. */
    public static function mm(float $tensionNPerCm, Substrate $substrate): float
    {
        [$below, $mm] = self::BY_TENSION[0];
        for ($i = 1; $i < \count(self::BY_TENSION); ++$i) {
            [$above, $next] = self::BY_TENSION[$i];
            if ($tensionNPerCm > $below) {
                $there = self::BY_TENSION[$i - 1][1];
                $mm = $there + ($next - $there) * (min($tensionNPerCm, $above) - $below) / max(1e-9, $above - $below);
            }
            $below = $above;
        }

        return round($substrate->offContactFactor() * $mm, 2);
    }

    /** @param string|null $frame label of the frame whose tension it is; null where none is chosen and the tension is the usual */
    public static function figure(?float $tensionNPerCm, Substrate $substrate, ?string $frame): Figure
    {
        $tension = $tensionNPerCm ?? Tension::USUAL;
        $slack = $tension < Tension::RE_MESH_UNDER;

        return new Figure(
            self::mm($tension, $substrate),
            'mm',
            $slack ? Sign::OutOfBounds : Sign::Reckoned,
            'trade default',
            'By tension: 15 N/cm 4.5 mm, 20 N/cm 3.2, 25 N/cm 2.2, 30 and more 1.6; fleece twice',
            [
                $frame === null ? \sprintf('tension taken as %.0f N/cm until a frame is chosen', $tension) : \sprintf(
                    'frame %s at %.1f N/cm',
                    $frame,
                    $tension,
                ),
                'on '.$substrate->value,
            ],
            'Measured from the garment, as low as still snaps off',
            $slack ? \sprintf(
                'Under %.0f N/cm the screen needs new mesh: it drags the print out of register.',
                Tension::RE_MESH_UNDER,
            ) : 'A tighter frame lets it come down.',
        );
    }
}
