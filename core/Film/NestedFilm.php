<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

/** Where a film of a set lies on the media: its top left corner on its page, mm. */
final readonly class NestedFilm
{
    /**
     * @param int $film 0 first
     * @param int $page 0 first
     */
    public function __construct(public int $film, public int $page, public float $xMm, public float $yMm, public bool $turned)
    {
    }
}
