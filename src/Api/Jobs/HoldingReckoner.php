<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Ektype\Core\Separation\StrokeWidths;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** Sets a plate's thinnest lines and gaps against what its mesh and the film printer hold. */
final class HoldingReckoner
{
    /** A film printer draws lines of about so many of its pixels (heuristic): 0.1 mm at 600 dpi. */
    private const FILM_PIXELS = 2.4;
    private const SHOWN = 40;

    public static function of(Plate $plate, Mesh $mesh, FilmPrinter $printer): HoldingView
    {
        $film = self::FILM_PIXELS * 25.4 / $printer->dpi;
        $line = max($mesh->finestLineMm(), $film);
        $gap = max($mesh->finestGapMm(), $film);
        $risks = [];
        foreach ([['line', $plate->thinLines, $line], ['gap', $plate->thinGaps, $gap]] as [$kind, $places, $limit]) {
            foreach ($places as [$x, $y, $width, $length]) {
                if ($width < $limit) {
                    $risks[] = new ThinPlaceView($kind, $x, $y, $width, $length);
                }
            }
        }
        usort($risks, static fn (ThinPlaceView $a, ThinPlaceView $b): int => $a->widthMm <=> $b->widthMm);
        $thinLine = $plate->finestLineMm !== null && $plate->finestLineMm < $line;
        $thinGap = $plate->finestGapMm !== null && $plate->finestGapMm < $gap;
        $to = ceil($line * 100) / 100;

        return new HoldingView(
            self::figure($plate->finestLineMm, $line, 'line', $mesh, $film, 'pitch of the mesh'),
            self::figure($plate->finestGapMm, $gap, 'gap', $mesh, $film, 'two threads and an opening of stencil'),
            round($line, 3),
            round($gap, 3),
            \array_slice($risks, 0, self::SHOWN),
            \count($risks),
            self::remedies($plate, $thinLine, $thinGap, $mesh, $to),
            $thinLine && $plate->artHex !== null ? $to : null,
        );
    }

    private static function figure(?float $mm, float $holds, string $what, Mesh $mesh, float $film, string $needs): FigureView
    {
        return FigureView::of(new Figure(
            $mm,
            'mm',
            $mm !== null && $mm < $holds ? Sign::OutOfBounds : Sign::Reckoned,
            'geometry of the film, to a film pixel; what the mesh holds is a trade default',
            \sprintf('The thinnest %s anywhere on the plate: its length across a row or column of the film times the cosine of its lean', $what),
            [\sprintf('mesh %s holds a %s of %.2f mm (%s)', $mesh->name(), $what, $what === 'line' ? $mesh->finestLineMm() : $mesh->finestGapMm(), $needs), \sprintf('the film printer draws lines from about %.2f mm', $film)],
            '',
            $mm === null ? \sprintf('Every %s is wider than %.1f mm.', $what, StrokeWidths::WIDEST_MM) : 'A finer mesh or bolder art would change it.',
            text: $mm === null ? 'all bold' : '',
        ));
    }

    /** @return list<string> */
    private static function remedies(Plate $plate, bool $thinLine, bool $thinGap, Mesh $mesh, float $to): array
    {
        if (!$thinLine && !$thinGap) {
            return [];
        }
        $remedies = [];
        foreach (MeshCatalogue::typical() as $finer) {
            if ($finer->threadsPerCm > $mesh->threadsPerCm && $finer->finestLineMm() <= ($plate->finestLineMm ?? \INF) && $finer->finestGapMm() <= ($plate->finestGapMm ?? \INF)) {
                $remedies[] = \sprintf('Use a finer mesh: %s (%.0f per inch) holds it all.', $finer->name(), $finer->threadsPerInch());
                break;
            }
        }
        if ($remedies === []) {
            $remedies[] = 'No usual mesh holds it all: the thinnest will break up or fill in wherever it is printed.';
        }
        if ($thinLine && $plate->finestLineMm !== null) {
            $remedies[] = \sprintf('Thicken its thin lines by up to %.2f mm, to %.2f mm.', $to - $plate->finestLineMm, $to);
        }
        $remedies[] = 'Or leave the plate out: “What it buys” shows what that costs.';
        if ($thinGap) {
            $remedies[] = 'Open the gaps in the art, or let them close: ink fills what the stencil cannot stand in.';
        }

        return $remedies;
    }
}
