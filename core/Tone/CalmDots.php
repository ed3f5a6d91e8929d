<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Choice\RulingSchool;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Mesh\PlateBeats;
use Ektype\Core\Mesh\ToneRange;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Tones;

/** The dots that a plan begins with: those that the rack holds calmly. */
final class CalmDots
{
    /** Mesh that one-ink and two-tone work is usually printed through, threads per inch (heuristic: 200 to 255). */
    private const USUAL_MESH = 230.0;
    private const WITHOUT_RACK = [90.0, 48.0];

    /** @param list<Mesh> $rack */
    public static function on(array $rack): PlannedDots
    {
        return self::through(self::nearest($rack));
    }

    /** The finest usual ruling for the mesh, at the calmest angle near the safe one, in the tones that it holds. */
    public static function through(Mesh $mesh): PlannedDots
    {
        $wish = min(PlannedDots::USUAL_LPI, floor($mesh->threadsPerInch() / RulingSchool::USUAL));
        $calm = (new Moire($mesh))->calmest($wish, Halftone::SAFE_ANGLE)[0] ?? null;
        $dots = $calm === null ? new Halftone($wish) : new Halftone($calm->lpi, $calm->angle);
        $range = ToneRange::on($mesh, $dots->lpi);

        return new PlannedDots($dots, range: $range->holdsAny() ? new Tones($range->lightest, $range->darkest) : new Tones(0.0, 1.0));
    }

    /**
     * Near the ruling and so turned that the loudest of some plates is calm.
     *
     * @param list<float> $fan   angles of the plates before they are turned, degrees
     * @param float       $first that of them which the dots tell, degrees
     */
    public static function fan(Mesh $mesh, array $fan, float $first): PlannedDots
    {
        $dots = self::through($mesh);
        [$lpi, $turn] = PlateBeats::fan($mesh, $dots->halftone->lpi, $fan);

        return new PlannedDots(new Halftone($lpi, $first + $turn), $dots->dot, $dots->range);
    }

    /** @param list<Mesh> $rack */
    public static function nearest(array $rack, float $perInch = self::USUAL_MESH): Mesh
    {
        usort($rack, static fn (Mesh $a, Mesh $b): int => abs($a->threadsPerInch() - $perInch) <=> abs($b->threadsPerInch() - $perInch));

        return $rack[0] ?? new Mesh(...self::WITHOUT_RACK);
    }
}
