<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\MeshQuestion;
use Ektype\Core\Mesh\MeshSuggestion;
use Ektype\Core\Mesh\RankedMesh;
use Ektype\Core\Separation\PlateRole;
use Ektype\Core\Unit\Given;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('mesh:suggest', 'Ranks meshes for a plate, each with its reason (JSON in, JSON out)')]
final class SuggestMesh extends JsonCommand
{
    protected function answer(Given $given): array
    {
        $question = new MeshQuestion(
            PlateRole::from($given->oneOf('role', ['base', 'colour', 'highlight'])),
            $given->oneOf('substrate', MeshSuggestion::SUBSTRATES),
            $given->oneOf('ink', MeshSuggestion::INKS, 'plastisol'),
            $given->numberOr('finest_line_mm', null, 0.02, 100, 'mm'),
            $given->numberOr('lpi', null, 5, 200, 'lines per inch'),
            Lab::of(Srgb::fromHex($given->textOr('garment', '#ffffff'), 'garment')),
        );
        [$from, $to, $for] = MeshSuggestion::usualRange($question);

        return [
            'usual_per_inch' => [$from, $to],
            'usual_for' => $for,
            'meshes' => array_map(static fn (RankedMesh $r): array => [
                'threads_per_cm' => $r->mesh->threadsPerCm,
                'thread_um' => $r->mesh->threadUm,
                'opening_um' => round($r->mesh->openingUm, 2),
                'open_area_pct' => round($r->mesh->openAreaPct, 2),
                'volume_cm3_m2' => round($r->mesh->volumeCm3M2, 2),
                'holds' => $r->holds,
                'why' => $r->why,
            ], MeshSuggestion::rank($question)),
        ];
    }
}
