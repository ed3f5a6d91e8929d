<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmWay;

/** The print that films are for, and what they are written with. */
final readonly class PrintOnFilm
{
    /**
     * @param string       $art     name of the picture
     * @param string       $job     name of the job; empty where it is none
     * @param string       $cloth   that it is printed on, as a label says it
     * @param float        $ppi     of the art at this size
     * @param string       $made    the day, as a label says it; empty for none
     * @param list<string> $formats
     */
    public function __construct(
        public string $art,
        public string $job,
        public float $widthMm,
        public float $heightMm,
        public Srgb $garment,
        public string $cloth,
        public float $ppi,
        public FilmPrinter $printer,
        public array $formats,
        public bool $stepWedge,
        public bool $nested,
        public string $made = '',
        public FilmWay $way = new FilmWay(),
    ) {
    }

    public function title(): string
    {
        return $this->job === '' ? $this->art : $this->job;
    }
}
