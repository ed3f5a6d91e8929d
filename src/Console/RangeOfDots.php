<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\DotsAsked;
use Ektype\Core\Mesh\ToneRange;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<DotsAsked> */
#[AsCommand('dots:range', 'The lightest and the darkest tone that a mesh holds at a ruling (JSON in, JSON out)')]
final class RangeOfDots extends JsonCommand
{
    protected function reads(): string
    {
        return DotsAsked::class;
    }

    protected function answer(object $asked): array
    {
        $mesh = $asked->mesh->mesh();
        $range = ToneRange::on($mesh, $asked->lpi);
        $finest = $mesh->threadsPerInch() / $asked->divisor;

        return [
            'lightest_pct' => round(100 * $range->lightest, 2),
            'darkest_pct' => round(100 * $range->darkest, 2),
            'holds_any' => $range->holdsAny(),
            'smallest_dot_mm' => round($range->smallestDotMm, 4),
            'smallest_island_mm' => round($range->smallestIslandMm, 4),
            'finest_lpi' => round($finest, 1),
            'says' => [
                ...($asked->lpi > $finest ? [\sprintf('%g lines per inch are finer than the %.0f that this mesh carries (threads per inch by %g): dots break up on its threads. Take a finer mesh, or a coarser ruling.', $asked->lpi, $finest, $asked->divisor)] : []),
                ...($range->holdsAny() ? [] : [\sprintf('At %g lines per inch this mesh holds no tone at all: its smallest dot fills the cell.', $asked->lpi)]),
            ],
        ];
    }
}
