<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** The mesh of a plate as a figure: measured where its frame is chosen, else that of the best frame, else the trade’s pick. */
final class MeshFigure
{
    public static function of(MeshQuestion $q, MeshAdvice $advice): Figure
    {
        $mesh = $advice->take->mesh;
        $usual = UsualRange::of($q);

        return new Figure(
            $mesh->threadsPerCm,
            'threads/cm–µm',
            $advice->isWrong() ? Sign::OutOfBounds : ($advice->chosen ? Sign::Measured : Sign::Reckoned),
            $advice->source(),
            trim($advice->take->why.' '.$advice->price()),
            [
                \sprintf('usual for %s: %.0f to %.0f threads per inch', $usual->for, $usual->from, $usual->to),
                $q->finestLineMm === null ? 'all lines are bold' : \sprintf('finest line of the plate about %.2f mm', $q->finestLineMm),
                $q->finestGapMm === null ? 'all gaps are wide' : \sprintf(
                    'finest gap of the plate about %.2f mm; the mesh keeps walls of %.2f mm',
                    $q->finestGapMm,
                    $mesh->finestGapMm,
                ),
                \sprintf(
                    'pitch %.1f µm, opening %.1f µm%s, open area %.1f %%',
                    $mesh->pitchUm,
                    $mesh->openingUm,
                    $mesh->fromSheet ? ' (data sheet)' : '',
                    $mesh->openAreaPct,
                ),
            ],
            school: 'Finest printed line about one pitch of the mesh'.($q->lpi === null ? '' : \sprintf(
                '; threads per inch by %g for the ruling',
                $q->divisor,
            )),
            wouldChange: 'A finer line in the art, another ink or another garment asks for another mesh.',
            text: $mesh->name,
        );
    }
}
