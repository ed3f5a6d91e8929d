<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\MeshAsked;
use Ektype\App\Console\Asked\PlateMeshAsked;
use Ektype\Core\Choice\MeshSuggestion;
use Ektype\Core\Choice\RankedMesh;
use Ektype\Core\Choice\UsualRange;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<PlateMeshAsked> */
#[AsCommand('mesh:suggest', 'Ranks meshes for a plate, each with its reason (JSON in, JSON out)')]
final class SuggestMesh extends JsonCommand
{
    protected function reads(): string
    {
        return PlateMeshAsked::class;
    }

    protected function answer(object $asked): array
    {
        $question = $asked->question();
        $own = array_map(static fn (MeshAsked $m): Mesh => $m->mesh(), $asked->ownMeshes);
        $usual = UsualRange::of($question);

        $ranked = MeshSuggestion::rank($question, [...MeshCatalogue::typical(), ...$own]);

        return [
            'says' => MeshSuggestion::says($question, $ranked),
            'usual_per_inch' => [$usual->from, $usual->to],
            'usual_for' => $usual->for,
            'meshes' => array_map(static fn (RankedMesh $r): array => [
                'threads_per_cm' => $r->mesh->threadsPerCm,
                'thread_um' => $r->mesh->threadUm,
                'opening_um' => round($r->mesh->openingUm, 2),
                'open_area_pct' => round($r->mesh->openAreaPct, 2),
                'volume_cm3_m2' => round($r->mesh->volumeCm3M2, 2),
                'dyed' => $r->mesh->dyed,
                'from_sheet' => $r->mesh->fromSheet,
                'holds' => $r->holds,
                'why' => $r->why,
            ], $ranked),
        ];
    }
}
