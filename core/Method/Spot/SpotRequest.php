<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\GivenInk;

/** What a spot separation is asked for. Colours of the art are named by their hex. */
final readonly class SpotRequest
{
    /** Choke of the base at manual register, mm (heuristic). */
    public const CHOKE_MM = 0.25;

    /**
     * @param float                   $widthMm     printed width of the whole picture
     * @param int|null                $inks        how many inks it may have at the most; null takes what is there
     * @param float                   $dpi         film pixels per inch
     * @param float                   $trapMm      how far a lighter plate spreads under a darker neighbour; 0 lets plates butt
     * @param array<string, string>   $merges      colour => the colour that it prints as
     * @param list<string>            $leftOpen    colours given to the garment
     * @param bool                    $printGround whether a paper-white ground prints all the same
     * @param list<string>            $splits      colours to part into their two shades
     * @param array<string, GivenInk> $locks       colour => the ink that it prints in; colours of one ink share a plate
     * @param list<GivenInk>          $palette     the only inks there are: each colour prints in the nearest; empty takes the art's own
     * @param array<string, bool>     $highlights  colour => whether its plate prints last, as a highlight
     * @param array<string, bool>     $onBase      colour => whether it stands on the base
     * @param array<string, bool>     $overprints  colour => whether neighbours run on under it instead of being knocked out
     * @param string|null             $baseFrom    a colour whose plate serves as the base
     * @param array<string, float>    $thicken     colour => lines thinner than so many mm are brought to it
     */
    public function __construct(
        public float $widthMm,
        public Srgb $garment,
        public ?int $inks = null,
        public float $dpi = 600,
        public float $chokeMm = self::CHOKE_MM,
        public array $merges = [],
        public array $leftOpen = [],
        public bool $printGround = false,
        public float $trapMm = 0.0,
        public array $splits = [],
        public array $locks = [],
        public array $palette = [],
        public array $highlights = [],
        public array $onBase = [],
        public array $overprints = [],
        public ?string $baseFrom = null,
        public array $thicken = [],
    ) {
    }

    /** @param array<string, string> $merges colour => the colour that it prints as, beside those that there are */
    public function merging(array $merges): self
    {
        return new self(
            $this->widthMm,
            $this->garment,
            $this->inks,
            $this->dpi,
            $this->chokeMm,
            [...$this->merges, ...$merges],
            leftOpen: $this->leftOpen,
            printGround: $this->printGround,
            trapMm: $this->trapMm,
            splits: $this->splits,
            locks: $this->locks,
            palette: $this->palette,
            highlights: $this->highlights,
            onBase: $this->onBase,
            overprints: $this->overprints,
            baseFrom: $this->baseFrom,
            thicken: $this->thicken,
        );
    }
}
