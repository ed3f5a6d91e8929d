<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Shop\Frame\Frame;
use Ektype\Core\Choice\RulingSchool;
use Ektype\Core\Index\HeldSquares;
use Ektype\Core\Index\IndexPlan;
use Ektype\Core\Layers\LayersPlan;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Mesh\PlateBeats;
use Ektype\Core\Mesh\ToneRange;
use Ektype\Core\Mix\AngleSchool;
use Ektype\Core\Mix\ProcessPlan;
use Ektype\Core\Mix\SimulatedPlan;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\SpotPlan;
use Ektype\Core\Tone\OneInkPlan;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TwoTonePlan;

/** The plan that a method begins with in a shop: its dots are those that the rack holds calmly. */
final class BegunPlan
{
    /** Mesh that one-ink and two-tone work is usually printed through, threads per inch (heuristic: 200 to 255). */
    private const TONAL_MESH = 230.0;
    /** And four-colour process (heuristic: 280 to 355). */
    private const PROCESS_MESH = 305.0;
    private const WITHOUT_RACK = [90.0, 48.0];

    /** @param list<Frame> $rack */
    public static function of(MethodName $method, array $rack): Plan
    {
        return match ($method) {
            MethodName::Spot => new SpotPlan(),
            MethodName::OneInk => new OneInkPlan(dots: self::dots($rack)),
            MethodName::TwoTone => new TwoTonePlan(dots: self::dots($rack)),
            MethodName::Simulated => new SimulatedPlan(dots: self::dots($rack)),
            MethodName::Process => new ProcessPlan(dots: self::fan($rack)),
            MethodName::Index => new IndexPlan(squaresDpi: self::squares($rack)),
            MethodName::Layers => new LayersPlan(),
        };
    }

    /**
     * The finest usual ruling for the mesh, at the calmest angle near the safe one, in the tones that it holds.
     *
     * @param list<Frame> $rack
     */
    public static function dots(array $rack): PlannedDots
    {
        return self::on(self::mesh($rack));
    }

    private static function on(Mesh $mesh): PlannedDots
    {
        $wish = min(PlannedDots::USUAL_LPI, floor($mesh->threadsPerInch() / RulingSchool::USUAL));
        $calm = (new Moire($mesh))->calmest($wish, Halftone::SAFE_ANGLE)[0] ?? null;
        $dots = $calm === null ? new Halftone($wish) : new Halftone($calm->lpi, $calm->angle);
        $range = ToneRange::on($mesh, $dots->lpi);

        return new PlannedDots($dots, range: $range->holdsAny() ? new Tones($range->lightest, $range->darkest) : new Tones(0.0, 1.0));
    }

    /**
     * Squares as fine as are usual, or as the finest mesh of the rack holds.
     *
     * @param list<Frame> $rack
     */
    private static function squares(array $rack): float
    {
        $held = array_map(static fn (Frame $f): float => HeldSquares::on($f->mesh())->dpi, $rack);

        return $held === [] ? IndexPlan::USUAL_DPI : max(HeldSquares::COARSEST, min(IndexPlan::USUAL_DPI, floor(max($held) / 10) * 10));
    }

    /**
     * The same for a fan of plates: near the ruling and so turned that the loudest of them is calm.
     *
     * @param list<Frame> $rack
     */
    private static function fan(array $rack): PlannedDots
    {
        $mesh = self::mesh($rack, self::PROCESS_MESH);
        $dots = self::on($mesh);
        [$lpi, $turn] = PlateBeats::fan($mesh, $dots->halftone->lpi, AngleSchool::FAN);

        return new PlannedDots(new Halftone($lpi, AngleSchool::FAN[2] + $turn), $dots->dot, $dots->range);
    }

    /** @param list<Frame> $rack */
    public static function mesh(array $rack, float $perInch = self::TONAL_MESH): Mesh
    {
        $meshes = array_map(static fn (Frame $f): Mesh => $f->mesh(), $rack);
        usort($meshes, static fn (Mesh $a, Mesh $b): int => abs($a->threadsPerInch() - $perInch) <=> abs($b->threadsPerInch() - $perInch));

        return $meshes[0] ?? new Mesh(...self::WITHOUT_RACK);
    }
}
