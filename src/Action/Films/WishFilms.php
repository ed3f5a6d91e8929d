<?php

declare(strict_types=1);

namespace Ektype\App\Action\Films;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Film\FilmFormat;

/** On which printer the films are made, in which formats, whether with a step wedge, and whether drawn sheets take their place. null leaves a thing as it is. */
final readonly class WishFilms implements Change
{
    /**
     * @param int|null          $filmPrinterId 0 for none
     * @param list<string>|null $formats
     */
    public function __construct(
        private int $jobId,
        private ?int $filmPrinterId = null,
        private ?array $formats = null,
        private ?bool $stepWedge = null,
        private ?bool $drawnSheets = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $what = [];
        if ($this->filmPrinterId !== null) {
            $job->filmPrinter = $this->filmPrinterId === 0 ? null : $shop->printing->filmPrinters->find($this->filmPrinterId) ?? throw Refused::at(
                'filmPrinter',
                'There is no such film printer in the shop. Choose one from its shelf.',
            );
            $what[] = 'film printer';
        }
        if ($this->formats !== null) {
            if (array_filter($this->formats, static fn (string $format): bool => FilmFormat::tryFrom($format)?->isReadBack() ?? false) === []) {
                throw Refused::at('filmFormats', 'The light table reads films back from PDF, PNG or TIFF. Choose one of these as well.');
            }
            $job->filmFormats = array_values(array_unique($this->formats));
            $what[] = 'film formats';
        }
        if ($this->stepWedge !== null) {
            $job->stepWedge = $this->stepWedge;
            $what[] = 'step wedge';
        }
        if ($this->drawnSheets !== null) {
            $job->drawnSheets = $this->drawnSheets;
            $what[] = 'drawn sheets';
        }

        return ucfirst(implode(', ', $what)).' of '.$job->name;
    }
}
