<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Index;

/** The films of an index print, in print order. */
final readonly class IndexPlates
{
    /**
     * @param non-empty-list<IndexPlate> $plates
     * @param string                     $squares which corner of the gamut each square shows, a byte each, row by row
     * @param list<string>               $says    plain sentences
     */
    public function __construct(
        public array $plates,
        public string $squares,
        public int $across,
        public int $down,
        public float $widthMm,
        public float $heightMm,
        public array $says,
    ) {
    }
}
