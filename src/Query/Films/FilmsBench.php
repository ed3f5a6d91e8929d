<?php

declare(strict_types=1);

namespace Ektype\App\Query\Films;

use Ektype\App\Shop\Job\FilmSet;
use Ektype\Core\Film\RegistrationMark;

/** The films: how they are to be made, and what was read back from those that were. */
final readonly class FilmsBench
{
    /**
     * @param string                 $filmCaution what the printer's black means; empty where it stops the lamp
     * @param list<string>           $filmFormats
     * @param list<RegistrationMark> $marks       from the centre of the print, x right, y up
     * @param bool|null              $drawnSheets whether sheets drawn by hand are the films; null where none was drawn
     * @param list<string>           $sheetsSay   what is done with those
     * @param list<FilmOfPlate>      $plates      in print order
     */
    public function __construct(
        public ?int $filmPrinterId,
        public string $filmCaution,
        public float $filmDpi,
        public array $filmFormats,
        public bool $stepWedge,
        public bool $filmMirrored,
        public bool $filmNegative,
        public int $filmCopies,
        public ?bool $drawnSheets,
        public array $sheetsSay,
        public ?FilmSet $filmSet,
        public array $marks,
        public array $plates,
    ) {
    }
}
