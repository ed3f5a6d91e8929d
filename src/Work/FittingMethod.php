<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Frame\Frames;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Choice\RulingSchool;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Mesh\ToneRange;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\SpotPlan;
use Ektype\Core\Tone\OneInkPlan;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalArt;
use Ektype\Core\Tone\TwoTonePlan;

/** Which method a new picture begins with, and with which dots: those that the rack holds calmly. */
final readonly class FittingMethod
{
    /** Mesh that one-ink and two-tone work is usually printed through, threads per inch (heuristic: 200 to 255). */
    private const TONAL_MESH = 230.0;
    private const WITHOUT_RACK = [90.0, 48.0];
    /** Two tones need inks so far apart in number. */
    private const BOTH = 2;

    public function __construct(private Frames $frames)
    {
    }

    /** A flat picture in spot plates; one in tones in two of them where the shelf has a dark and a light ink. */
    public function of(Job $job, ArtOnce $art, PrintWanted $print): Plan
    {
        if ($job->art->isDrawing() || $job->spotPlan()->positives !== [] || !TonalArt::isOne($art->raster($print))) {
            return $job->spotPlan();
        }

        return $this->begun(\count($print->shelf) >= self::BOTH ? MethodName::TwoTone : MethodName::OneInk);
    }

    /** The plan that a method begins with in this shop. */
    public function begun(MethodName $method): Plan
    {
        return match ($method) {
            MethodName::Spot => new SpotPlan(),
            MethodName::OneInk => new OneInkPlan(dots: $this->dots()),
            MethodName::TwoTone => new TwoTonePlan(dots: $this->dots()),
        };
    }

    /** The finest usual ruling for the mesh, at the calmest angle near the safe one, in the tones that it holds. */
    private function dots(): PlannedDots
    {
        $mesh = $this->mesh();
        $wish = min(PlannedDots::USUAL_LPI, floor($mesh->threadsPerInch() / RulingSchool::USUAL));
        $calm = (new Moire($mesh))->calmest($wish, Halftone::SAFE_ANGLE)[0] ?? null;
        $dots = $calm === null ? new Halftone($wish) : new Halftone($calm->lpi, $calm->angle);
        $range = ToneRange::on($mesh, $dots->lpi);

        return new PlannedDots($dots, range: $range->holdsAny() ? new Tones($range->lightest, $range->darkest) : new Tones(0.0, 1.0));
    }

    private function mesh(): Mesh
    {
        $meshes = array_map(static fn (Frame $f): Mesh => $f->mesh(), $this->frames->all());
        usort($meshes, static fn (Mesh $a, Mesh $b): int => abs($a->threadsPerInch() - self::TONAL_MESH) <=> abs($b->threadsPerInch() - self::TONAL_MESH));

        return $meshes[0] ?? new Mesh(...self::WITHOUT_RACK);
    }
}
