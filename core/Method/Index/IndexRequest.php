<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Index;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\ToneWork;

/** What an index separation is asked for: square dots of several inks side by side. */
final readonly class IndexRequest
{
    private const LEAST_DPI = 40.0;
    /** Film pixels across a square at the least. */
    private const LEAST_PX = 2.0;
    private const MOST_INKS = 12;

    /**
     * @param float          $widthMm  printed width of the whole picture
     * @param list<GivenInk> $inks     that lie side by side
     * @param GivenInk|null  $base     under all of them, and seen where none is; null for none
     * @param float          $dpi      of the film
     * @param float          $indexDpi squares an inch
     *
     * @throws ImpossibleMix where such dots cannot be
     */
    public function __construct(
        public float $widthMm,
        public Srgb $garment,
        public array $inks,
        public ?GivenInk $base,
        public float $dpi,
        public float $indexDpi,
        public ToneWork $work = new ToneWork(),
        public Diffusion $diffusion = Diffusion::Errors,
    ) {
        if ($inks === [] || \count($inks) > self::MOST_INKS) {
            throw ImpossibleMix::at('palette', \sprintf('%d inks were named; an index print has 1 to %d side by side. Name those that the press has heads for.', \count($inks), self::MOST_INKS));
        }
        if ($indexDpi < self::LEAST_DPI || $indexDpi > $dpi / self::LEAST_PX) {
            throw ImpossibleMix::at('index_dpi', \sprintf('Squares of %g an inch cannot be drawn on a film of %g dpi: from %.0f to %.0f can, 160 to 220 is usual. Change it, or take a finer film.', $indexDpi, $dpi, self::LEAST_DPI, $dpi / self::LEAST_PX));
        }
    }
}
