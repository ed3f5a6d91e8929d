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

    /** On rigid goods by the free mesh: mm of it, and mm off, interpolated; slacker mesh a little more (heuristic; 2 to 6 mm usual). */
    private const BY_FREE_MESH = [[300.0, 2.0], [1200.0, 6.0]];
    private const SLACK_MM = 0.06;
    private const USUAL_FREE_MM = 520.0;

    /**
     * mm over the garment; fleece stands higher, and a seam under the screen lifts it by its own height.
     *
     * @param float|null $freeMm mesh between the frame’s sides along the stroke; null for the usual
     */
    public static function mm(float $tensionNPerCm, Substrate $substrate, ?float $freeMm = null, float $seamMm = 0.0): float
    {
        if ($substrate === Substrate::Rigid) {
            [[$short, $low], [$long, $high]] = self::BY_FREE_MESH;
            $free = min($long, max($short, $freeMm ?? self::USUAL_FREE_MM));

            $off = $low + ($high - $low) * ($free - $short) / ($long - $short) + self::SLACK_MM * max(0.0, Tension::USUAL - $tensionNPerCm);

            return round(min($high, $off) + $seamMm, 2);
        }
        [$below, $mm] = self::BY_TENSION[0];
        for ($i = 1; $i < \count(self::BY_TENSION); ++$i) {
            [$above, $next] = self::BY_TENSION[$i];
            if ($tensionNPerCm > $below) {
                $there = self::BY_TENSION[$i - 1][1];
                $mm = $there + ($next - $there) * (min($tensionNPerCm, $above) - $below) / max(1e-9, $above - $below);
            }
            $below = $above;
        }

        return round($substrate->offContactFactor() * $mm + $seamMm, 2);
    }

    /** @param string|null $frame label of the frame whose tension it is; null where none is chosen and the tension is the usual */
    public static function figure(?float $tensionNPerCm, Substrate $substrate, ?string $frame, ?float $freeMm = null, float $seamMm = 0.0, ?float $byHandMm = null): Figure
    {
        if ($byHandMm !== null) {
            return new Figure($byHandMm, 'mm', Sign::Reckoned, 'the hand', 'As you set it on the press', [\sprintf('by tension and cloth it would be %.1f mm', self::mm($tensionNPerCm ?? Tension::USUAL, $substrate, $freeMm, $seamMm))], school: '', wouldChange: 'Leave it to the rule again under Set up.');
        }
        $hard = $substrate === Substrate::Rigid;
        $tension = $tensionNPerCm ?? Tension::USUAL;
        $slack = $tension < Tension::RE_MESH_UNDER;

        return new Figure(
            self::mm($tension, $substrate, $freeMm, $seamMm),
            'mm',
            $slack ? Sign::OutOfBounds : Sign::Reckoned,
            'trade default',
            $hard ? 'On rigid goods by the free mesh, 300 mm 2 mm, 1,200 mm 6 mm, between them in proportion, slack mesh a little more' : 'By tension: 15 N/cm 4.5 mm, 20 N/cm 3.2, 25 N/cm 2.2, 30 and more 1.6; fleece twice; a seam adds its height',
            [
                $frame === null ? \sprintf('tension taken as %.0f N/cm until a frame is chosen', $tension) : \sprintf(
                    'frame %s at %.1f N/cm',
                    $frame,
                    $tension,
                ),
                'on '.$substrate->value,
                ...$hard ? [\sprintf('free mesh %.0f mm along the stroke', $freeMm ?? self::USUAL_FREE_MM)] : [],
                ...$seamMm > 0 ? [\sprintf('a seam of %.1f mm under the screen', $seamMm)] : [],
            ],
            school: 'Measured from the garment, as low as still snaps off; another school measures from the platen',
            wouldChange: $slack ? \sprintf(
                'Under %.0f N/cm the screen needs new mesh: it drags the print out of register.',
                Tension::RE_MESH_UNDER,
            ) : 'A tighter frame lets it come down.',
        );
    }
}
