<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\MeshQuestion;
use Ektype\Core\Mesh\MeshSuggestion;
use Ektype\Core\Mesh\TensionTrend;
use Ektype\Core\Rack\RackAssignment;
use Ektype\Core\Rack\RackFrame;
use Ektype\Core\Rack\RackPlate;
use Ektype\Core\Separation\PlateRole;
use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('rack:assign', 'The best frames of a rack for the plates of a job (JSON in, JSON out)')]
final class AssignRack extends JsonCommand
{
    private const MOST_PLATES = 12;

    protected function answer(Given $given): array
    {
        [$width, $height] = $given->pair('print_mm');
        if ($width <= 0 || $height <= 0) {
            throw Refusal::at('print_mm', 'A print has a width and a height above zero. Give both in millimetres.');
        }
        $garment = Lab::of(Srgb::fromHex($given->textOr('garment', '#ffffff'), 'garment'));
        $substrate = $given->oneOf('substrate', MeshSuggestion::SUBSTRATES, 'cotton');
        $plates = array_map(static fn (Given $p): RackPlate => new RackPlate($p->text('name'), new MeshQuestion(PlateRole::from($p->oneOf('role', ['base', 'colour', 'highlight'], 'colour')), $substrate, $p->oneOf('ink', MeshSuggestion::INKS, 'plastisol'), $p->numberOr('finest_line_mm', null, 0.02, 100, 'mm'), $p->numberOr('lpi', null, 5, 200), $garment)), $given->objects('plates'));
        if ($plates === [] || \count($plates) > self::MOST_PLATES) {
            throw Refusal::at('plates', \sprintf('%d plates cannot be set up at once; from 1 to %d can.', \count($plates), self::MOST_PLATES));
        }
        $labels = [];
        $rack = [];
        foreach ($given->objects('frames') as $frame) {
            $label = $frame->text('label', 20);
            if (isset($labels[$label])) {
                throw Refusal::at($frame->pathOf('label'), \sprintf('Two frames are called “%s”: they would be mistaken for each other. Give each its own label.', $label));
            }
            $labels[$label] = true;
            [$inWidth, $inHeight] = $frame->pair('inside_mm');
            $rack[] = new RackFrame($label, GivenMesh::of($frame), $inWidth, $inHeight, $frame->number('n_per_cm', TensionTrend::LEAST, TensionTrend::MOST, 'N/cm'), $frame->oneOf('state', ['bare', 'coated', 'burned', 'on press', 'to reclaim', 'to stretch'], 'bare'), $frame->has('uses') ? $frame->whole('uses', 0, 100_000) : 0, $frame->textOr('taken_by', ''), $frame->numberOr('age_days', 0.0, 0, 36500, 'days') ?? 0.0);
        }
        $choice = RackAssignment::best($plates, $rack, $width, $height, $given->numberOr('centre_from_end_mm', 280.0, 20, 2000, 'mm') ?? 280.0, $given->textOr('job', ''));

        return ['plates' => $choice->plates, 'tension_spread_n_per_cm' => round($choice->tensionSpreadNPerCm, 2), 'missing' => $choice->missing];
    }
}
