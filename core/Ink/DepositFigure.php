<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** The ink that a mesh lays down as figures. */
final class DepositFigure
{
    private const BETWEEN = 'as more or less leaves the mesh';

    public static function wet(Deposit $deposit, Mesh $mesh): Figure
    {
        return new Figure(
            $deposit->wetUm,
            'µm',
            Sign::Reckoned,
            'geometry, trade default',
            'Open area × thickness of the fabric × 0.8 that leaves it × strokes',
            [
                \sprintf('mesh passes %.1f cm³/m²', $mesh->volumeCm3M2),
                $deposit->laying->value.match ($deposit->laying) {
                    Laying::Once => '',
                    Laying::Twice => ', the second adds a quarter',
                    Laying::PrintFlashPrint => ', the second layer as thick as the first',
                },
                \sprintf('in the finest lines %.0f µm: the stencil’s well adds to it', $deposit->fineWetUm),
            ],
            school: '',
            wouldChange: 'Weigh ink before and after a run.',
            low: $deposit->wetLowUm,
            high: $deposit->wetHighUm,
            between: self::BETWEEN,
        );
    }

    public static function grams(Deposit $deposit, float $areaCm2, int $prints): Figure
    {
        return new Figure(
            $deposit->grams($areaCm2, $prints),
            'g',
            Sign::Reckoned,
            'geometry, trade default',
            'Printed area × wet ink × density × prints',
            [
                \sprintf('%.0f cm² a print, %d prints', $areaCm2, $prints),
                \sprintf('density %.2f g/cm³ for %s', $deposit->ink->density(), $deposit->ink->value),
            ],
            school: '',
            wouldChange: 'Waste and what stays on the screen come on top.',
            low: $deposit->grams($areaCm2, $prints, $deposit->wetLowUm),
            high: $deposit->grams($areaCm2, $prints, $deposit->wetHighUm),
            between: self::BETWEEN,
        );
    }

    /** @param float $hiding 0–1, straight on the substrate */
    public static function hiding(float $hiding, string $ink, float $told, string $garment, float $deltaE): Figure
    {
        return new Figure(
            100 * $hiding,
            '%',
            Sign::Reckoned,
            'trade default',
            'The ink’s hiding power for this much ink, less what sinks into the cloth',
            [
                \sprintf('%s hides %.0f %% through 61–64', $ink, 100 * $told),
                \sprintf('straight on %s it looks ΔE00 %.0f off its own colour', $garment, $deltaE),
            ],
            school: '',
            wouldChange: 'A base under it hides the garment first.',
        );
    }
}
