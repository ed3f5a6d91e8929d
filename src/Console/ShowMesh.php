<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\MeshesAsked;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\StencilTarget;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<MeshesAsked> */
#[AsCommand('mesh:show', 'The geometry of a mesh and what it holds (JSON in, JSON out); the typical meshes where none is named')]
final class ShowMesh extends JsonCommand
{
    protected function reads(): string
    {
        return MeshesAsked::class;
    }

    protected function answer(object $asked): array
    {
        return ['meshes' => array_map(self::told(...), $asked->meshes())];
    }

    /** @return array<string, mixed> */
    private static function told(Mesh $mesh): array
    {
        $target = StencilTarget::on($mesh);

        return [
            'threads_per_cm' => $mesh->threadsPerCm,
            'threads_per_inch' => round($mesh->threadsPerInch(), 1),
            'thread_um' => $mesh->threadUm,
            'dyed' => $mesh->dyed,
            'from_sheet' => $mesh->fromSheet,
            'pitch_um' => round($mesh->pitchUm, 3),
            'opening_um' => round($mesh->openingUm, 3),
            'open_area_pct' => round($mesh->openAreaPct, 3),
            'thickness_um' => round($mesh->thicknessUm, 2),
            'volume_cm3_m2' => round($mesh->volumeCm3M2, 3),
            'finest_line_mm' => round($mesh->finestLineMm, 4),
            'finest_gap_mm' => round($mesh->finestGapMm, 4),
            'stencil_um' => ['low' => round($target->lowUm, 2), 'wanted' => round($target->eomUm, 2), 'high' => round($target->highUm, 2)],
        ];
    }
}
