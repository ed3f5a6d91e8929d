<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\RackAsked;
use Ektype\App\Console\Asked\RackFrameAsked;
use Ektype\App\Console\Asked\RackPlateAsked;
use Ektype\App\Request\UnreadableRequest;
use Ektype\Core\Choice\PrintOnFrames;
use Ektype\Core\Choice\RackAssignment;
use Ektype\Core\Choice\RackFrame;
use Ektype\Core\Choice\RackPlate;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\UnwovenMesh;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<RackAsked> */
#[AsCommand('rack:assign', 'The best frames of a rack for the plates of a job (JSON in, JSON out)')]
final class AssignRack extends JsonCommand
{
    private const MOST_PLATES = 12;

    protected function reads(): string
    {
        return RackAsked::class;
    }

    protected function answer(object $asked): array
    {
        if ($asked->printMm->xMm <= 0 || $asked->printMm->yMm <= 0) {
            throw UnreadableRequest::at('print_mm', 'A print has a width and a height above zero. Give both in millimetres.');
        }
        if ($asked->plates === [] || \count($asked->plates) > self::MOST_PLATES) {
            throw UnreadableRequest::at(
                'plates',
                \sprintf('%d plates cannot be set up at once; from 1 to %d can.', \count($asked->plates), self::MOST_PLATES),
            );
        }
        $garment = Lab::of(Srgb::fromHex($asked->garment));
        $plates = array_map(static fn (RackPlateAsked $p): RackPlate => $p->plate($asked->substrate, $garment), $asked->plates);
        $choice = RackAssignment::best(
            $plates,
            self::rack($asked->frames),
            new PrintOnFrames($asked->printMm->xMm, $asked->printMm->yMm, $asked->centreFromEndMm),
            $asked->job,
        );

        return [
            'plates' => $choice->plates,
            'tension_spread_n_per_cm' => round($choice->tensionSpreadNPerCm, 2),
            'missing' => $choice->missing,
        ];
    }

    /**
     * @param list<RackFrameAsked> $frames
     *
     * @return list<RackFrame>
     */
    private static function rack(array $frames): array
    {
        $rack = [];
        foreach ($frames as $i => $frame) {
            if (isset($rack[$frame->label])) {
                throw UnreadableRequest::at(
                    \sprintf('frames[%d].label', $i),
                    \sprintf('Two frames are called “%s”: they would be mistaken for each other. Give each its own label.', $frame->label),
                );
            }
            if ($frame->insideMm->xMm <= 0 || $frame->insideMm->yMm <= 0) {
                throw UnreadableRequest::at(
                    \sprintf('frames[%d].inside_mm', $i),
                    \sprintf('Frame “%s” has no size inside, so no print fits on it. Give the width and height within the bars in millimetres.', $frame->label),
                );
            }
            try {
                $rack[$frame->label] = $frame->frame();
            } catch (UnwovenMesh $not) {
                throw $not->within(\sprintf('frames[%d]', $i));
            }
        }

        return array_values($rack);
    }
}
