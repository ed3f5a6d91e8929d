<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** A stencil’s thickness and what it takes to coat it, as figures. */
final class StencilFigure
{
    /** @param float|null $gaugedUm what the gauge read; null where nobody did */
    public static function thickness(Coating $coating, PredictedStencil $told, ?float $gaugedUm, string $school): Figure
    {
        $mesh = $coating->mesh;
        $target = StencilTarget::on($mesh);
        $inside = $gaugedUm === null || $target->holds($gaugedUm);

        return new Figure(
            $gaugedUm ?? $told->eomUm,
            'µm',
            $gaugedUm === null ? Sign::Reckoned : ($inside ? Sign::Measured : Sign::OutOfBounds),
            $gaugedUm !== null ? 'gauge, 1 reading of this shop' : ($told->restsOn === 0 ? 'trade default' : \sprintf(
                '%d gauge reading%s of this shop',
                $told->restsOn,
                $told->restsOn === 1 ? '' : 's',
            )),
            'Wet coat by edge and mesh × coats × solids of the emulsion, as the gauge has taught it',
            [
                \sprintf('coated %s%s', $coating->words(), $coating->emulsion === '' ? '' : ' with '.$coating->emulsion),
                \sprintf(
                    'fabric %.0f µm%s',
                    $mesh->thicknessUm,
                    $mesh->fromSheet ? ' (data sheet)' : \sprintf(' (1.6 threads of %g µm)', $mesh->threadUm),
                ),
                \sprintf(
                    'wanted %.0f to %.0f µm, %.0f %% of the fabric, for %s',
                    $target->lowUm,
                    $target->highUm,
                    100 * $target->shareOfFabric,
                    $target->forDetail ? 'detail' : 'bold work',
                ),
                ...array_map(static fn (float $um): string => \sprintf(
                    'a gauge reading of %.0f µm was left out: no coat comes out so far from the others. Zero the gauge on bare mesh and read that screen again',
                    $um,
                ), $told->leftOut),
            ],
            school: $school,
            wouldChange: $gaugedUm === null ? 'A gauge reading of the coated screen replaces it, and makes every other one surer.' : '',
            low: $told->lowUm,
            high: $told->highUm,
        );
    }

    /** Emulsion for a frame, ml. */
    public static function emulsion(Coating $coating, float $insideWidthMm, float $insideHeightMm, float $eomUm): Figure
    {
        return new Figure(
            StencilModel::emulsionMl($coating, $insideWidthMm, $insideHeightMm, $eomUm),
            'ml',
            Sign::Reckoned,
            'geometry and the coating model',
            '(Voids of the fabric + emulsion over mesh) ÷ solids × inside of the frame, a quarter more for trough and pot',
            [
                \sprintf('%.0f × %.0f mm inside', $insideWidthMm, $insideHeightMm),
                \sprintf('dry %.0f µm: the voids of the fabric and the emulsion over mesh', StencilModel::dryUm($coating, $eomUm)),
                \sprintf('wet %.0f µm, %.0f %% of it solids: as many ml a m²', StencilModel::wetUm($coating, $eomUm), $coating->solidsPct),
            ],
            school: '',
            wouldChange: 'Never start a frame with less than a full trough.',
        );
    }

    /** What is to be minded about a recipe; empty where it reaches what is wanted. */
    public static function misses(Coating $coating, PredictedStencil $told): string
    {
        $target = StencilTarget::on($coating->mesh);

        return $target->holds($told->eomUm) ? '' : \sprintf(
            'This comes to %.0f µm; %.0f to %.0f are wanted on this mesh. %s',
            $told->eomUm,
            $target->lowUm,
            $target->highUm,
            $coating->filmUm !== null ? 'A film of another thickness comes nearer.' : 'No recipe of up to 3 + 3 coats comes nearer.',
        );
    }
}
