<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\Core\Stencil\Coating;
use Ektype\Core\Stencil\Drying;
use Ektype\Core\Stencil\StencilModel;
use Ektype\Core\Stencil\StencilTarget;
use Ektype\Core\Unit\Given;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('stencil:predict', 'Stencil thickness from the coating, corrected by gauge readings, and its drying (JSON in, JSON out)')]
final class PredictStencil extends JsonCommand
{
    protected function answer(Given $given): array
    {
        $coating = self::coating($given);
        $readings = array_map(static fn (Given $r): array => [self::coating($r), $r->number('eom_um', unit: 'µm')], $given->objects('readings', true));
        $model = new StencilModel($readings, [$coating->emulsion]);
        $told = $model->told($coating);
        $target = StencilTarget::on($coating->mesh);
        $recipe = $model->recipe($coating);
        $answer = [
            'eom_um' => round($told->eomUm, 3),
            'low_um' => round($told->lowUm, 3),
            'high_um' => round($told->highUm, 3),
            'eom_pct' => round($told->shareOfFabricPct, 2),
            'edges' => StencilModel::roughness($coating->mesh, $told->eomUm),
            'emulsion_ml_m2' => round(StencilModel::emulsionMl($coating, 1000, 1000), 1),
            'thickness_um' => round($told->thicknessUm, 2),
            'rests_on' => $told->restsOn,
            'wanted_um' => ['low' => round($target->lowUm, 2), 'wanted' => round($target->eomUm, 2), 'high' => round($target->highUm, 2)],
            'recipe' => ['edge' => $recipe->edge, 'print_coats' => $recipe->printCoats, 'squeegee_coats' => $recipe->squeegeeCoats],
        ];
        if ($given->has('air')) {
            $air = $given->object('air');
            $wet = StencilModel::wetUm($coating);
            $temperature = $air->number('temperature_c', unit: '°C');
            $humidity = $air->number('humidity_pct', unit: '%');
            $answer['drying_h'] = round(Drying::hours($wet, $temperature, $humidity, $air->numberOr('air_m_s', 0.0) ?? 0.0), 2);
            $answer['says'] = Drying::caution($temperature, $humidity);
        }

        return $answer;
    }

    private static function coating(Given $given): Coating
    {
        $mesh = GivenMesh::of($given->object('mesh'));

        return new Coating(
            $mesh,
            $given->textOr('edge', Coating::edgeFor($mesh)),
            $given->has('print_coats') ? $given->whole('print_coats', 0, 10) : 1,
            $given->has('squeegee_coats') ? $given->whole('squeegee_coats', 0, 10) : 1,
            $given->numberOr('solids_pct', 38.0, unit: '%') ?? 38.0,
            $given->textOr('emulsion', ''),
            $given->flag('dried_between'),
            $given->numberOr('film_um', null, unit: 'µm'),
        );
    }
}
