<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\MeshCatalogue;
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
            $given->numberOr('finest_gap_mm', null, 0.02, 100, 'mm'),
            $given->has('tones') ? $given->pair('tones', 'shares from 0 to 1', 1) : null,
            $given->numberOr('deposit_um', null, 1, 500, 'µm'),
            $given->numberOr('divisor', MeshSuggestion::RULING_DIVISOR, 3, 8) ?? MeshSuggestion::RULING_DIVISOR,
        );
        $own = array_map(GivenMesh::of(...), $given->objects('own_meshes', true));
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
                'dyed' => $r->mesh->dyed,
                'from_sheet' => $r->mesh->fromSheet,
                'holds' => $r->holds,
                'why' => $r->why,
            ], MeshSuggestion::rank($question, [...MeshCatalogue::typical(), ...$own])),
        ];
    }
}
