<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

/** A film that was held against the others. */
final readonly class CheckedFilm
{
    /**
     * @param list<CheckedMark> $marks
     * @param float|null        $worstMm null where no mark was found
     */
    public function __construct(
        public string $file,
        public float $wideMm,
        public float $highMm,
        public array $marks,
        public ?float $worstMm,
    ) {
    }
}
