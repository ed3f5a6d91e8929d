<?php

declare(strict_types=1);

namespace Ektype\App\Query\Darkroom;

/** The frame that it is made on. */
final readonly class FrameInRoom
{
    /**
     * @param string       $frame     label of its frame; empty where none is chosen
     * @param string       $rackPlace where its frame stands
     * @param list<string> $first     what must be done to its frame before it is coated
     */
    public function __construct(
        public ?int $frameId,
        public string $frame,
        public string $rackPlace,
        public array $first,
    ) {
    }
}
