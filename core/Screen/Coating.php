<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

use Ektype\Core\Mesh\Mesh;

/** How a screen is coated: with which edge of the trough, how many coats on each side, and with what emulsion. */
final readonly class Coating
{
    /** Of an emulsion whose data sheet nobody looked at, % by volume (heuristic). */
    public const USUAL_SOLIDS_PCT = 38.0;
    /** Days that a coated screen keeps in the dark where nobody told (heuristic). */
    public const USUAL_LIFE_DAYS = 28;
    /** School: from this count on the sharp edge, threads per inch. */
    public const SHARP_FROM_PER_INCH = 150.0;
    private const THINNEST_FILM = 10.0;
    private const THICKEST_FILM = 400.0;

    /**
     * @param float      $solidsPct    of the emulsion, by volume
     * @param float|null $filmUm       thickness of a capillary film, laid on the wet mesh once; null for liquid emulsion
     * @param bool       $driedBetween whether the print side was dried before its last coats: they build more
     *
     * @throws UnusableCoating where the recipe is none
     */
    public function __construct(
        public Mesh $mesh,
        public Edge $edge,
        public int $printCoats,
        public int $squeegeeCoats,
        public float $solidsPct,
        public string $emulsion = '',
        public bool $driedBetween = false,
        public ?float $filmUm = null,
    ) {
        if ($filmUm !== null && ($filmUm < self::THINNEST_FILM || $filmUm > self::THICKEST_FILM)) {
            throw UnusableCoating::at(
                'film',
                \sprintf(
                    'Capillary film of %g µm is not made; %.0f to %.0f µm is. Look at its box.',
                    $filmUm,
                    self::THINNEST_FILM,
                    self::THICKEST_FILM,
                ),
            );
        }
        if ($printCoats < 0 || $squeegeeCoats < 0 || $printCoats + $squeegeeCoats < 1 || $printCoats + $squeegeeCoats > 10) {
            throw UnusableCoating::at(
                'printCoats',
                \sprintf('%d + %d coats make no stencil. From one to ten coats in all can be reckoned.', $printCoats, $squeegeeCoats),
            );
        }
        if ($solidsPct < 10 || $solidsPct > 80) {
            throw UnusableCoating::at(
                'solids',
                \sprintf('Emulsion with %.0f %% of solids is not made; 20 to 50 %% is usual. Look at its data sheet.', $solidsPct),
            );
        }
    }

    /** A capillary film, as its box names it. */
    public static function film(Mesh $mesh, float $filmUm, string $emulsion = ''): self
    {
        return new self($mesh, self::edgeFor($mesh), 1, 0, self::USUAL_SOLIDS_PCT, $emulsion, driedBetween: false, filmUm: $filmUm);
    }

    /** How it is done, in words. */
    public function words(): string
    {
        return $this->filmUm !== null
            ? \sprintf('film of %g µm on the wet mesh, print side', $this->filmUm)
            : \sprintf(
                '%d + %d, %s edge%s',
                $this->printCoats,
                $this->squeegeeCoats,
                $this->edge->value,
                $this->driedBetween ? ', dried between' : '',
            );
    }

    public static function edgeFor(Mesh $mesh, float $sharpFromPerInch = self::SHARP_FROM_PER_INCH): Edge
    {
        return $mesh->threadsPerInch() >= $sharpFromPerInch ? Edge::Sharp : Edge::Round;
    }
}
