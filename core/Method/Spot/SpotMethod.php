<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Halftone\Dot;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\Decision;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\Method;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;

/**
 * One opaque plate an ink, with clean edges.
 *
 * @implements Method<SpotPlan>
 */
final class SpotMethod implements Method
{
    public function begin(array $rack = []): SpotPlan
    {
        return new SpotPlan();
    }

    public function separate(Plan $plan, ArtSource $art, PrintWanted $print, ?callable $progress = null, ?\Closure $show = null): Separated
    {
        $request = $this->request($plan, $print);
        if ($plan->positives !== []) {
            return self::kept(SpotSeparation::ofDrawn($art->drawn(), $request, $progress), $plan, $print);
        }
        $raster = $art->raster($print);
        $look = $show === null ? null : new FirstLook($this->request($plan, $print->onScreen($print->widthMm * $raster->height / $raster->width)), $show);

        if ($plan->colours->tints !== []) {
            $tinted = Tinted::of($raster, $request, array_values($plan->colours->tints), $plan->tintDots(), Dot::Round, $print->curve);

            return self::kept($tinted->result, $plan, $print);
        }

        return self::kept(SpotSeparation::of($raster, $request, $progress, $look), $plan, $print);
    }

    private static function kept(SpotResult $result, SpotPlan $plan, PrintWanted $print): Separated
    {
        return new Separated($result->plates, self::found($result, $plan->trap($print->sigmaMm)));
    }

    public function first(Plan $plan, ArtSource $art, PrintWanted $print, ?\Closure $kept = null): array
    {
        return $plan->positives === [] ? SpotSeparation::first($art->raster($print), $this->request($plan, $print)) : [];
    }

    public function offers(Plan $plan, FoundColour $colour): array
    {
        $again = $colour->leftOpen || isset($plan->colours->tints[$colour->hex]) || $colour->printsAs !== $colour->hex || \in_array(
            $colour->hex,
            $plan->colours->splits,
            true,
        ) ? [Decision::PrintAgain] : [];

        return $colour->leftOpen
            ? $again
            : [
                ...$again,
                Decision::Merge,
                Decision::LeaveOpen,
                Decision::Split,
                Decision::Lock,
                Decision::Highlight,
                Decision::OnBase,
                Decision::Overprint,
                Decision::Tint,
                Decision::Thicken,
                Decision::ServeAsBase,
            ];
    }

    private function request(SpotPlan $plan, PrintWanted $print): SpotRequest
    {
        $locks = [];
        foreach ($plan->locks as $hex => $ink) {
            if (isset($print->shelf[$ink])) {
                $locks[$hex] = $print->shelf[$ink];
            }
        }
        $trap = $plan->trap($print->sigmaMm);

        return new SpotRequest(
            $print->widthMm,
            $print->garment,
            $plan,
            $print->dpi,
            // A trap is never under a film pixel; plates drawn by hand stay as they were drawn.
            $plan->positives === [] && $trap > 0 ? max($trap, 25.4 / $print->dpi) : 0.0,
            $locks,
            palette: $print->onlyShelf ? array_values($print->shelf) : [],
        );
    }

    private static function found(SpotResult $result, float $trapMm): Findings
    {
        return new Findings(
            $result->palette,
            $result->strays,
            $result->warnings,
            $result->groundLeftOpen,
            $result->kind->kind,
            $result->kind->why,
            budget: $result->budget,
            thinBase: \array_slice($result->thinBase, 0, Findings::LISTED),
            witnesses: $result->witnesses,
            trapMm: $trapMm,
        );
    }
}
