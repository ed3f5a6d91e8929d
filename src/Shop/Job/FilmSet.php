<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\Core\Film\NestedFilm;

/** A film set as it was read back from its files, and how it lies on the media. */
final readonly class FilmSet
{
    /**
     * @param list<string>      $says   plain sentences, one for each trouble
     * @param list<FilmRead>    $films
     * @param list<string|null> $meshes that its labels name
     * @param list<NestedFilm>  $nested
     * @param bool              $strip  whether its films carry a target for each plate beside the marks
     */
    public function __construct(
        public bool $inRegister,
        public float $worstMm,
        public array $says,
        public array $films,
        public array $meshes,
        public MediaUsed $media,
        public array $nested,
        public bool $strip,
    ) {
    }
}
