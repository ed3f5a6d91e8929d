<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Film\WeakPlace;

/** The scan of a plate drawn by hand: its ink, the marks found on it, and where its black is too weak. */
final readonly class Positive
{
    /**
     * @param string          $path of the scan among the shop’s files
     * @param list<WeakPlace> $weak
     */
    public function __construct(
        public string $path,
        public string $name,
        public string $hex,
        public ?int $inkId,
        public int $marks,
        public array $weak,
    ) {
    }
}
