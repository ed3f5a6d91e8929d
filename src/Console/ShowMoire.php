<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\Core\Mesh\Moire;
use Ektype\Core\Mesh\MoireBeat;
use Ektype\Core\Unit\Given;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('mesh:moire', 'The beat of a ruling and angle with a mesh, and the calmest settings near (JSON in, JSON out)')]
final class ShowMoire extends JsonCommand
{
    private const SHOWN = 5;

    protected function answer(Given $given): array
    {
        $lpi = $given->number('lpi', 5, 200, 'lines per inch');
        $angle = $given->number('angle', -360, 360, 'degrees');
        $moire = new Moire(GivenMesh::of($given->object('mesh')), $given->numberOr('mesh_angle', 0.0, -90, 90, 'degrees') ?? 0.0, $given->numberOr('tone', Moire::TONE, 0.02, 0.98) ?? Moire::TONE);
        $beats = $moire->beats($lpi, $angle);

        $between = [];
        foreach ($given->objects('others', true) as $other) {
            $at = [$other->number('lpi', 5, 200, 'lines per inch'), $other->number('angle', -360, 360, 'degrees')];
            $of = Moire::betweenPlates([$lpi, $angle], $at);
            $between[] = ['lpi' => $at[0], 'angle' => $at[1], 'score' => round(Moire::scoreOf($of), 3), 'period_mm' => $of === [] ? null : round($of[0]->periodMm, 3)];
        }

        return [
            'score' => round($moire->score($lpi, $angle), 3),
            'period_mm' => $beats === [] ? null : round($beats[0]->periodMm, 3),
            'beats' => array_map(static fn (MoireBeat $b): array => ['period_mm' => round($b->periodMm, 3), 'contrast_pct' => round(100 * $b->contrast, 3)], \array_slice($beats, 0, self::SHOWN)),
            'neighbours' => $moire->calmest($lpi, $angle),
            'between_plates' => $between,
        ];
    }
}
