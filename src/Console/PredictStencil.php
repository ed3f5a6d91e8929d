<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\AirAsked;
use Ektype\App\Console\Asked\CoatingAsked;
use Ektype\App\Console\Asked\GaugedAsked;
use Ektype\Core\Darkroom\Drying;
use Ektype\Core\Darkroom\ImpossibleAir;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\GaugedCoating;
use Ektype\Core\Screen\StencilModel;
use Ektype\Core\Screen\StencilTarget;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<CoatingAsked> */
#[AsCommand('stencil:predict', 'Stencil thickness from the coating, corrected by gauge readings, and its drying (JSON in, JSON out)')]
final class PredictStencil extends JsonCommand
{
    protected function reads(): string
    {
        return CoatingAsked::class;
    }

    protected function answer(object $asked): array
    {
        $coating = $asked->coating();
        $model = new StencilModel(
            array_map(static fn (GaugedAsked $g): GaugedCoating => $g->gauged(), $asked->readings),
            [$coating->emulsion],
        );
        $told = $model->told($coating);
        $target = StencilTarget::on($coating->mesh);
        $recipe = $model->recipe($coating);

        return [
            'eom_um' => round($told->eomUm, 3),
            'low_um' => round($told->lowUm, 3),
            'high_um' => round($told->highUm, 3),
            'eom_pct' => round($told->shareOfFabricPct, 2),
            'edges' => StencilModel::roughness($coating->mesh, $told->eomUm),
            'emulsion_ml_m2' => round(StencilModel::emulsionMl($coating, 1000, 1000, $told->eomUm), 1),
            'thickness_um' => round($told->thicknessUm, 2),
            'rests_on' => $told->restsOn,
            'left_out_um' => $told->leftOut,
            'wanted_um' => ['low' => round($target->lowUm, 2), 'wanted' => round($target->eomUm, 2), 'high' => round($target->highUm, 2)],
            'recipe' => ['edge' => $recipe->edge, 'print_coats' => $recipe->printCoats, 'squeegee_coats' => $recipe->squeegeeCoats],
            ...($asked->air === null ? [] : self::drying($coating, $told->eomUm, $asked->air)),
        ];
    }

    /** @return array<string, mixed> */
    private static function drying(Coating $coating, float $eomUm, AirAsked $air): array
    {
        try {
            $hours = Drying::hours(StencilModel::waterUm($coating, $eomUm), $air->temperatureC, $air->humidityPct, $air->airMS);
        } catch (ImpossibleAir $not) {
            throw $not->within('air');
        }

        return [
            'drying_h' => round($hours, 2),
            'says' => Drying::caution($air->temperatureC, $air->humidityPct),
        ];
    }
}
