<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Ektype\Core\Separation\StrokeWidths;
use Ektype\Core\Separation\ThinPlace;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** Whether a plate’s thin lines and gaps hold on its mesh and on the film, and what would help. */
final readonly class Holding
{
    /** A film printer draws lines of about so many of its pixels (heuristic): 0.1 mm at 600 dpi. */
    private const FILM_PIXELS = 2.4;

    private const SHOWN = 40;

    public Figure $line;
    public Figure $gap;
    /** The finest line and gap that mesh and film printer hold, mm. */
    public float $holdsLineMm;
    public float $holdsGapMm;
    /** How many lines and gaps are at risk in all. */
    public int $atRisk;
    /** @var list<ThinPlace> lines at risk, thinnest first; so many at the most */
    public array $thinLines;
    /** @var list<ThinPlace> gaps at risk, the same way */
    public array $thinGaps;
    /** @var list<string> plain sentences */
    public array $remedies;
    /** Bring thin lines to this, mm; null where none is thin. */
    public ?float $thickenToMm;

    /**
     * @param list<ThinPlace> $lines
     * @param list<ThinPlace> $gaps
     * @param bool            $canThicken whether the plate is a colour of the art
     */
    public function __construct(
        Mesh $mesh,
        float $filmDpi,
        private ?float $finestLineMm,
        private ?float $finestGapMm,
        array $lines,
        array $gaps,
        bool $canThicken,
    ) {
        $film = self::FILM_PIXELS * 25.4 / $filmDpi;
        $line = max($mesh->finestLineMm, $film);
        $gap = max($mesh->finestGapMm, $film);
        $this->holdsLineMm = round($line, 3);
        $this->holdsGapMm = round($gap, 3);
        $underLine = self::under($lines, $line);
        $underGap = self::under($gaps, $gap);
        $this->atRisk = \count($underLine) + \count($underGap);
        $this->thinLines = \array_slice($underLine, 0, self::SHOWN);
        $this->thinGaps = \array_slice($underGap, 0, self::SHOWN);
        $thinLine = $finestLineMm !== null && $finestLineMm < $line;
        $this->line = self::figure(
            $finestLineMm,
            $line,
            'line',
            \sprintf('mesh %s holds a line of %.2f mm (pitch of the mesh)', $mesh->name, $mesh->finestLineMm),
            $film,
        );
        $this->gap = self::figure(
            $finestGapMm,
            $gap,
            'gap',
            \sprintf('mesh %s holds a gap of %.2f mm (two threads and an opening of stencil)', $mesh->name, $mesh->finestGapMm),
            $film,
        );
        $to = ceil($line * 100) / 100;
        $this->thickenToMm = $thinLine && $canThicken ? $to : null;
        $this->remedies = $this->remedies($mesh, $thinLine, $finestGapMm !== null && $finestGapMm < $gap, $to);
    }

    /**
     * @param list<ThinPlace> $places
     *
     * @return list<ThinPlace>
     */
    private static function under(array $places, float $limit): array
    {
        $risks = array_values(array_filter($places, static fn (ThinPlace $p): bool => $p->widthMm < $limit));
        usort($risks, static fn (ThinPlace $a, ThinPlace $b): int => $a->widthMm <=> $b->widthMm);

        return $risks;
    }

    private static function figure(?float $mm, float $holds, string $what, string $mesh, float $film): Figure
    {
        return new Figure(
            $mm,
            'mm',
            $mm !== null && $mm < $holds ? Sign::OutOfBounds : Sign::Reckoned,
            'geometry of the film, to a film pixel; what the mesh holds is a trade default',
            \sprintf(
                'The thinnest %s anywhere on the plate: its length across a row or column of the film times the cosine of its lean',
                $what,
            ),
            [$mesh, \sprintf('the film printer draws lines from about %.2f mm', $film)],
            school: '',
            wouldChange: $mm === null ? \sprintf(
                'Every %s is wider than %.1f mm.',
                $what,
                StrokeWidths::WIDEST_MM,
            ) : 'A finer mesh or bolder art would change it.',
            text: $mm === null ? 'all bold' : '',
        );
    }

    /** @return list<string> */
    private function remedies(Mesh $mesh, bool $thinLine, bool $thinGap, float $to): array
    {
        if (!$thinLine && !$thinGap) {
            return [];
        }
        $remedies = ['No usual mesh holds it all: the thinnest will break up or fill in wherever it is printed.'];
        foreach (MeshCatalogue::typical() as $finer) {
            if ($finer->threadsPerCm > $mesh->threadsPerCm && $finer->finestLineMm <= ($this->finestLineMm ?? \INF) && $finer->finestGapMm <= ($this->finestGapMm ?? \INF)) {
                $remedies = [\sprintf('Use a finer mesh: %s (%.0f per inch) holds it all.', $finer->name, $finer->threadsPerInch())];
                break;
            }
        }
        if ($thinLine && $this->finestLineMm !== null) {
            $remedies[] = \sprintf('Thicken its thin lines by up to %.2f mm, to %.2f mm.', $to - $this->finestLineMm, $to);
        }
        $remedies[] = 'Or leave the plate out: “What it buys” shows what that costs.';
        if ($thinGap) {
            $remedies[] = 'Open the gaps in the art, or let them close: ink fills what the stencil cannot stand in.';
        }

        return $remedies;
    }
}
