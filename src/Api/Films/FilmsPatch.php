<?php

declare(strict_types=1);

namespace Ektype\App\Api\Films;

use Ektype\App\Action\Films\TurnFilms;
use Ektype\App\Action\Films\WishFilms;
use Ektype\App\Api\Jobs\JobChanges;
use Ektype\App\Api\Jobs\Named;
use Ektype\App\Request\Within;
use Ektype\Core\Film\FilmFormat;
use Ektype\Core\Film\FilmWay;

/** How the films of a job are printed. What is not named stays. */
final readonly class FilmsPatch implements JobChanges
{
    /**
     * @param list<FilmFormat>|null $filmFormats
     * @param int|null              $filmPrinterId 0 for none
     */
    public function __construct(
        public ?int $filmPrinterId = null,
        public ?array $filmFormats = null,
        public ?bool $stepWedge = null,
        public ?bool $drawnSheets = null,
        public ?bool $filmMirrored = null,
        public ?bool $filmNegative = null,
        #[Within(1, FilmWay::MOST_COPIES)]
        public ?int $filmCopies = null,
    ) {
    }

    public function changes(int $job): array
    {
        $named = static fn (mixed ...$values): bool => array_filter($values, static fn (mixed $one): bool => $one !== null) !== [];

        return Named::some([
            ...$named($this->filmMirrored, $this->filmNegative, $this->filmCopies) ? [new TurnFilms($job, $this->filmMirrored, $this->filmNegative, $this->filmCopies)] : [],
            ...$named($this->filmPrinterId, $this->filmFormats, $this->stepWedge, $this->drawnSheets) ? [new WishFilms($job, $this->filmPrinterId, $this->filmFormats === null ? null : array_column($this->filmFormats, 'value'), $this->stepWedge, $this->drawnSheets)] : [],
        ]);
    }
}
